# frozen_string_literal: true

module Munimen
  class PressureLog
    # The shape of a rise, by which its cause is told: heating goes straight up; what passes a
    # regulator's seat goes up ever more slowly; after a draw it is back at once.
    class Shape
      # Times to three quarters and to seven eighths of the height, over the time to its half: 2 and
      # 3 of an exponential rise, 1.5 and 1.75 of a straight one, with room for where it is cut off.
      QUARTERS = 1.7..2.6
      EIGHTHS = 2.2..4.0
      BACK = 300.0 # s within which a system is back at its level after a draw; from memory

      attr_reader :times, :values

      # times: s; values: Pa.
      def initialize(times, values)
        @times = times
        @values = values
      end

      # Whether it rises exponentially between two indices.
      def slowing?(first, last)
        low = values[first]
        height = values[first..last].max - low
        half, quarters, eighths = [0.5, 0.75, 0.875].map do |share|
          reaches(first, low + (height * share))
        end
        half.positive? && QUARTERS.cover?(quarters / half) && EIGHTHS.cover?(eighths / half)
      end

      # Whether it only goes back, at once, to where it stood shortly before, give or take.
      def back?(first, last, give)
        return false if times[last] - times[first] > BACK

        before = first.downto(0).take_while { |at| times[first] - times[at] <= BACK }
        values.values_at(*before).max >= values[last] - give
      end

      private

      # s from an index until it first reaches a value.
      def reaches(first, value)
        at = (first...values.size).find { |index| values[index] >= value }
        return 0.0 if at == first

        step = values[at] - values[at - 1]
        share = step.positive? ? (value - values[at - 1]) / step : 1.0
        times[at - 1] + (share * (times[at] - times[at - 1])) - times[first]
      end
    end
  end
end
