# frozen_string_literal: true

module Munimen
  module Drawing
    # Puts labels in a column without overlaps, each as near to what it names as the others allow.
    module Labels
      GAP = 30        # between a label of two lines and the next
      LINE = 11       # one line more
      COLUMN = 118    # what a label beside the section may be wide
      NAME = 12       # size of a name
      NOTE = 11       # size of a note

      module_function

      # An item with its words, how wide they are, and the note in as many lines as that makes.
      def worded(item, name, note)
        note &&= lines(note)
        wide = note.to_s.lines.map { |line| TextWidth.of(line.chomp, NOTE) }
        item.merge(name:, note:, wide: [TextWidth.of(name, NAME), *wide].max)
      end

      # Items in two columns beside the section, {x:, y:, note:, …} with :at and :side. A column
      # that would overflow gives what lies nearest the middle to the other.
      def beside(items)
        left, right = items.partition { |item| item[:x] < Section::CENTRE }
        [[left, right], [right, left]].each do |from, to|
          while height(from) > Section::HEIGHT - 6
            to << from.delete(from.min_by { |item| (item[:x] - Section::CENTRE).abs })
          end
        end
        { left:, right: }.flat_map do |side, column|
          spread(column, top: 20, bottom: Section::HEIGHT - 16).map { |item| item.merge(side:) }
        end
      end

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

      def lines(text)
        text.split(" · ").each_with_object([+""]) do |part, lines|
          joined = [lines.last, part].reject(&:empty?).join(" · ")
          TextWidth.of(joined, NOTE) > COLUMN ? lines << +part : lines.last.replace(joined)
        end.join("\n")
      end
      private_class_method :tall, :more, :lines
    end
  end
end
