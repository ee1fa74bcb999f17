# frozen_string_literal: true

module Munimen
  module Calculations
    # The judgement behind `relief_valve_match`: one reason for each criterion; what the plate
    # does not say stays open, and an open criterion is not a match.
    class ReliefMatch
      include Saying

      UNKNOWN = ["The {title} of the old valve is not known.",
                 "The {title} of the new valve is not known."].freeze
      RATING = Source.published("ANSI Z21.22", "temperature (steam) rating", clause: :from_memory)
      PRACTICE = Source.common_practice(
        "same temperature, thread and reach; set no higher than the tank's rating"
      )
      SOURCES = [RATING, PRACTICE].freeze
      # What a tape measure tells apart.
      REACH = 0.0032

      def initialize(inputs, units)
        @i = inputs
        @units = units
        @judged = Judged.new(:relief_valve_match)
        @criteria = []
      end

      # {verdict:, criteria:, judged:}
      def outputs
        unless @i[:heater_input].si.positive?
          raise Error.new(
            "heater_input must be more than nothing.",
            field: :heater_input,
            code: :out_of_range
          )
        end

        rating
        pressure
        same(:set_temperature, "set temperature") { |old, new| (old.si - new.si).abs < 0.6 }
        same(:thread, "thread") { |old, new| thread(old) == thread(new) }
        same(:probe_length, "probe", "as long, to sit in the top 6 in of the tank") do |old, new|
          new.si >= old.si - REACH
        end
        same(:shank_length, "shank", "as long, to pass the jacket") do |old, new|
          new.si >= old.si - REACH
        end
        { verdict: @judged.grade, criteria: @criteria, judged: @judged.verdict }
      end

      private

      def rating
        new = @i[:new_rating]
        unless new
          return add(:rating, :not_tested, "Read the new valve's temperature rating off its plate.")
        end

        fits = new >= @i[:heater_input]
        add(
          :rating,
          fits ? :sound : :danger,
          (
            if fits
              "Its temperature rating covers the heater's input."
            else
              "Rated below the heater's input: do not fit it."
            end
          ),
          new,
          msg("at least {least}", least: say(@i[:heater_input])),
          RATING
        )
      end

      def pressure
        new = @i[:new_set_pressure]
        tank = @i[:working_pressure] || @i[:old_set_pressure]
        unless new && tank
          return add(
            :set_pressure,
            :not_tested,
            "Read the new valve's set pressure and the tank's rated working pressure off their " \
            "plates."
          )
        end

        fits = new.si <= tank.si + 1.0
        add(
          :set_pressure,
          fits ? :sound : :danger,
          (
            if fits
              "It opens no higher than the tank is rated for."
            else
              "It opens above what the tank is rated for: do not fit it."
            end
          ),
          new,
          msg("at most {most}", most: say(tank))
        )
      end

      def same(name, title, rule = "the same")
        old, new = @i.values_at(:"old_#{name}", :"new_#{name}")
        unless old && new
          unknown = old ? UNKNOWN.last : UNKNOWN.first
          return add(name, :not_tested, msg(unknown, title:))
        end

        fits = yield(old, new)
        add(
          name,
          fits ? :sound : :defect,
          fits ? msg("The {title} fits.", title:) : msg("The {title} does not fit.", title:),
          new,
          "#{rule}: #{say(old)}"
        )
      end

      def thread(text) = text.to_s.downcase.gsub(/\b(npt|bsp|in|inch)\b|["″\s]/, "")

      # As it stands on the plate, where it was typed with its unit.
      def say(value)
        return value unless value.is_a?(Measure::Quantity)

        value.typed.to_s.match?(/[[:alpha:]"]/) ? value.typed : value.format(@units)
      end

      def add(criterion, grade, text, measured = nil, limit = nil, source = PRACTICE)
        @criteria << { criterion:, state: grade, text: }
        @judged.add(grade, text, measured: say(measured), limit:, source:)
      end
    end
  end
end
