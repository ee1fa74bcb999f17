# frozen_string_literal: true

module Munimen
  module Planning
    # What goes into the van before a visit: sure by the plan; likely by what stands open, by age
    # and by the last readings; maybe by the kind of heater.
    #
    #   VanList.new(visit, plan, open: ["vessel_charge"], last: {}).lines # => [Line, …]
    class VanList
      include Saying

      Line = Struct.new(:name, :certainty, :because, :fits, keyword_init: true)
      # What turns up on a heater of a kind: a material, when, and why. Common practice.
      MAYBE = [
        [
          "Relief valve that matches",
          lambda do |visit, ids|
            ids.include?(:exercise_relief_valve) && visit.heater.relief_history != :exercised_yearly
          end,
          "A valve with no known history may not shut after its test.",
          :relief_valve
        ],
        [
          "Thermocouple or thermopile that matches",
          ->(visit, _) { visit.heater.standing_pilot? },
          "A pilot that goes out usually needs one.",
          :thermocouple
        ],
        [
          "Gasket",
          lambda do |visit, ids|
            !visit.heater.electric_sources.empty? && ids.include?(:measure_elements)
          end,
          "A gasket that is disturbed may weep.",
          nil
        ],
        [
          "Drain cap",
          ->(_, ids) { ids.any? { |id| id.start_with?("drain_") } },
          "Sediment on its seat makes a drain valve weep.",
          nil
        ],
        [
          "Air-valve cap and core",
          ->(_, ids) { ids.include?(:read_vessel_charge) },
          "A core that is pressed once a year may hiss.",
          nil
        ]
      ].freeze
      # after which a part is likely spent; common practice
      YEARS = { relief_valve: 3, anode: 4 }.freeze

      # open: checks with an open deficiency; last: the last quantities read, by name; in_the_way:
      # [Work::Hindrance] that an earlier visit met.
      def initialize(visit, plan, open: [], last: {}, in_the_way: [])
        @visit = visit
        @plan = plan
        @open = open.map(&:to_sym)
        @last = last
        @in_the_way = in_the_way
        @ids = plan.steps.map { |step| step.operation.id }
      end

      # Each thing once, with the surest reason.
      def lines = (in_the_way + sure + likely + maybe).uniq(&:name)

      private

      def line(name, certainty, because, fits = nil)
        Line.new(name: @visit.words.sentence(name), certainty:, because: say(because), fits:)
      end

      def say(text) = @visit.words.say(text)

      def in_the_way
        @in_the_way.flat_map do |one|
          one.brings.map { |name| line(name, :sure, msg("Last time: {one}.", one: one.text)) }
        end
      end

      def sure
        @plan.steps.flat_map do |step|
          (step.operation.materials + step.operation.equipment).map do |name|
            line(name, :sure, msg("“{step}”", step: step.operation.title), step.operation.part_kind)
          end
        end
      end

      def likely = open_defects + by_age + by_reading

      def open_defects
        Work::Job.all.select { |job| job.cures.intersect?(@open) }.flat_map do |job|
          job.operations_for(@visit.heater).map { |id| Work::Operation[id] }.flat_map do |operation|
            operation.materials.map do |name|
              line(name, :likely, msg("{job}: an open defect asks for it.",
                                      job: job.title), operation.part_kind)
            end
          end
        end
      end

      def by_age
        fitted = Heater::Warranty.year(@visit.heater.relief_fitted || @visit.heater.installed) or
          return []
        age = @visit.date.year - fitted
        unless age > YEARS[:relief_valve] && @visit.rules.choice(:relief_life) == :three_years
          return []
        end

        [
          line(
            "Relief valve that matches",
            :likely,
            msg("The valve is {age} years old, and the house rule replaces it.", age:),
            :relief_valve
          )
        ]
      end

      # A vessel that had lost its charge last time has probably lost it again.
      def by_reading
        found, target = @last.values_at(:vessel_charge, :static_pressure)
        return [] unless found && target && found.si < target.si * 0.8

        [
          line(
            "{Vessel} that matches",
            :likely,
            msg("It had lost its charge last time: {found}.", found: found.format(@visit.units)),
            :vessel
          )
        ]
      end

      def maybe
        MAYBE.filter_map do |name, applies, because, fits|
          line(name, :maybe, because, fits) if applies.call(@visit, @ids)
        end
      end
    end
  end
end
