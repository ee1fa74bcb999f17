# frozen_string_literal: true

module Munimen
  module Calculations
    # What the pressures of a heating tank tell of its vessel, in words and courses.
    class ClimbSeen
      FOLLOWS = {
        recorded: "It follows the vessel as it is recorded.",
        flat: "It follows a vessel that is flat, or full of water.",
        none: "It follows no vessel at all.",
        other: "It follows none of these: something else takes water up: an outlet, the " \
               "main, or a vessel that is not on record."
      }.freeze
      MORE = "Not to be told apart yet: read on."

      # inputs: as the calculation `climb` declares them; units: in which the pressures were typed.
      def initialize(inputs, units)
        @inputs = inputs
        @unit = Measure::Kind[:pressure].unit(units)
        @climb = Physics::Climb.new(
          volume: inputs[:volume].si, power: inputs[:power].si * inputs[:efficiency].si,
          cold: inputs[:cold].si, hot: inputs[:hot].si, relief: inputs[:relief_setting].si,
          readings:, vessel:
        )
      end

      def outputs
        {
          words: FOLLOWS.fetch(@climb.follows, MORE),
          taken_up: @climb.taken,
          vessel_seen: @climb.volume_seen,
          time_to_relief: @climb.relief_at,
          series: @climb.courses.flat_map { |one| rows(one.name, one.points) } +
            rows(:read, readings)
        }
      end

      private

      # A row for each point of a course.
      def rows(course, points)
        points.map do |time, pressure|
          { course: course.to_s, time: Measure::Quantity.new(:time, time),
            pressure: Measure::Quantity.new(:pressure, pressure) }
        end
      end

      # [[s, Pa]], the first at the start.
      def readings
        @readings ||= begin
          unless @inputs[:readings].first.first.zero?
            raise Error.new("readings must begin when the heating starts, at 0 s.",
                            field: :readings, code: :out_of_range)
          end

          @inputs[:readings].map do |seconds, pressure|
            [seconds.to_f, Measure::Quantity.of(pressure, @unit.symbol, :pressure).si]
          end
        end
      end

      def vessel
        charge = @inputs[:charge]&.si || readings.first.last
        Physics::Vessel.recorded(@inputs[:vessel_volume].si, charge)
      end
    end
  end
end
