# frozen_string_literal: true

module Munimen
  module Drawing
    # Puts labels in a column without overlaps, each as near to what it names as the others allow.
    module Labels
      module_function

      # items: [{y:, …}]; returns them with :at, at least `gap` apart, inside top..bottom, order
      # kept.
      def spread(items, top:, bottom:, gap:)
        sorted = items.sort_by { |item| item[:y] }
        spots = sorted.map { |item| item[:y] }
        spots.each_index { |i| spots[i] = [spots[i], i.zero? ? top : spots[i - 1] + gap].max }
        (spots.size - 1).downto(0) do |i|
          limit = i == spots.size - 1 ? bottom : spots[i + 1] - gap
          spots[i] = [spots[i], limit].min
        end
        sorted.zip(spots).map { |item, spot| item.merge(at: spot.round(1)) }
      end
    end
  end
end
