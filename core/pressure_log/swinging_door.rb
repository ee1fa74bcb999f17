# frozen_string_literal: true

module Munimen
  class PressureLog
    # Straight pieces that stay within a tolerance of a course: the swinging door (Bristol 1990),
    # one pass.
    module SwingingDoor
      OPEN = [-Float::INFINITY, Float::INFINITY].freeze

      module_function

      # [[first, last], …] indices of the pieces' ends among times[range], values[range].
      def pieces(times, values, range, tolerance)
        corners = [range.first]
        door = OPEN
        ((range.first + 1)..range.last).each do |index|
          high, low = slopes(times, values, corners.last, index, tolerance)
          narrowed = [[door.first, high].max, [door.last, low].min]
          if narrowed.first > narrowed.last
            corners << (index - 1)
            narrowed = slopes(times, values, corners.last, index, tolerance)
          end
          door = narrowed
        end
        corners.push(range.last).each_cons(2).reject { |first, last| first == last }
      end

      # The steepest and the flattest line from one row that pass another within the tolerance.
      def slopes(times, values, from, to, tolerance)
        span = times[to] - times[from]
        rise = values[to] - values[from]
        [(rise - tolerance) / span, (rise + tolerance) / span]
      end
    end
  end
end
