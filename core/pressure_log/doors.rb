# frozen_string_literal: true

module Munimen
  class PressureLog
    # Straight pieces that stay within a tolerance of a course: the swinging door (Bristol 1990), one pass.
    module Doors
      module_function

      # [[first, last], …] indices of the pieces' ends among times[range], values[range].
      def pieces(times, values, range, tolerance)
        corners = [range.first]
        anchor = range.first
        upper = -Float::INFINITY
        lower = Float::INFINITY
        ((anchor + 1)..range.last).each do |index|
          span = times[index] - times[anchor]
          high = [upper, (values[index] - values[anchor] - tolerance) / span].max
          low = [lower, (values[index] - values[anchor] + tolerance) / span].min
          if high > low
            anchor = index - 1
            corners << anchor
            span = times[index] - times[anchor]
            high = (values[index] - values[anchor] - tolerance) / span
            low = (values[index] - values[anchor] + tolerance) / span
          end
          upper = high
          lower = low
        end
        corners.push(range.last).each_cons(2).reject { |first, last| first == last }
      end
    end
  end
end
