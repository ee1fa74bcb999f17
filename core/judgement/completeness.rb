# frozen_string_literal: true

module Munimen
  module Judgement
    # Which protections a visit was to test and did not: no record, look-only, policy, refusal or
    # an unknown configuration. Unknown is never sound.
    #
    #   Completeness.new(visit).untested # => [Gap, …]
    class Completeness
      # check: of the verdict that would tell; name: of the protection; because: why it is not
      # tested; unrecorded: whether nothing says why.
      Gap = Struct.new(:check, :part, :name, :because, :unrecorded, keyword_init: true)

      # Protections: the operations that test them, the name, the checks that tell.
      PROTECTIONS = {
        exercise_relief_valve: ["{relief_valve}", %i[relief_valve new_relief_valve]],
        exercise_expansion_relief: ["{expansion_relief}", %i[expansion_relief]],
        check_discharge_pipe: ["discharge pipe", %i[discharge_present tundish_place d1_run]],
        read_static_pressure: ["water pressure", %i[static_pressure inlet_group regulator]],
        read_hot_peak_found: ["pressure while heating", %i[hot_peak_found hot_peak_after]],
        read_vessel_charge: ["air charge of the {vessel}", %i[vessel_charge charge_set]],
        read_tap_temperature: ["hot water temperature", %i[tap_temperature]],
        test_controls: ["thermostat and controls", %i[controls_chain]],
        prove_thermostat: ["thermostat", %i[thermostat_stops]],
        test_cut_out: ["{cut_out}", %i[cut_out_test]],
        test_draught: ["{draught}", %i[draught]],
        measure_elements: ["{elements}", %i[element element_lower]],
        look_over: ["what can be seen", %i[relief_present]]
      }.freeze

      def initialize(visit)
        @visit = visit
      end

      # Protections asked for by the visit's jobs that no verdict tells of, [Gap].
      def untested
        @untested ||= due.filter_map do |id|
          name, checks = PROTECTIONS.fetch(id)
          next if told?(checks)

          because = why(id)
          Gap.new(
            check: checks.first,
            part: Work::Operation[id].part,
            name: @visit.words.say(name),
            because: @visit.words.say(because || "Not recorded."),
            unrecorded: because.nil?
          )
        end
      end

      def complete? = untested.empty?
      # Nothing of what was to be tested was.
      def nothing? = due.any? && untested.size == due.size

      # Text of what is missing, or nil.
      def because
        return if complete?
        return "Nothing was tested." if nothing?

        "#{count} not tested."
      end

      # The same for the customer, or nil.
      def sentence
        return if complete?
        return "Nothing was tested." if nothing?

        "#{count} not tested: #{untested.map(&:name).join(", ")}."
      end

      private

      def due
        asked = @visit.jobs.flat_map { |job| Work::Job[job].operations_for(@visit.heater) }.uniq
        asked & PROTECTIONS.keys
      end

      def count
        untested.size == 1 ? "One protection was" : "#{untested.size} protections were"
      end

      def told?(checks)
        @told ||= Judge.of(@visit).verdicts.reject { |one| one.grade == :not_tested }.map(&:check)
        @told.intersect?(checks)
      end

      def why(id)
        step = @visit.not_tested.find { |one| one.operation == id }
        return step.reason if step

        Work::Operation[id].forbidden_because(@visit)
      end
    end
  end
end
