# frozen_string_literal: true

module Munimen
  module Drawing
    # Puts labels in a column without overlaps, each as near to what it names as the others allow.
    module Labels
      GAP = 30        # between a label of two lines and the next
      LINE = 11       # one line more

      module_function

      # items: [{y:, note: text of lines or nil, …}]; returns them with :at, each clear of the next,
      # inside top..bottom, order kept. A column that is too full keeps the order and the bottom.
      def spread(items, top:, bottom:, gap: GAP)
        sorted = items.sort_by { |item| item[:y] }
        spots = sorted.map { |item| item[:y] }
        spots.each_index do |i|
          spots[i] = [spots[i], i.zero? ? top : spots[i - 1] + tall(sorted[i - 1], gap)].max
        end
        (spots.size - 1).downto(0) do |i|
          limit = bottom - (LINE * more(sorted[i]))
          limit = spots[i + 1] - tall(sorted[i], gap) unless i == spots.size - 1
          spots[i] = [spots[i], limit].min
        end
        sorted.zip(spots).map { |item, spot| item.merge(at: spot.round(1)) }
      end

      # Height that some labels take.
      def height(items) = items.sum { |item| tall(item, GAP) }
      def tall(item, gap) = gap + (LINE * more(item))
      # Lines of a note beyond its first.
      def more(item) = [item[:note].to_s.lines.size - 1, 0].max
      private_class_method :tall, :more
    end
  end
end
