# frozen_string_literal: true

module Munimen
  module Formats
    class PressureLogCsv
      # Reads the numbers of a column: whether a comma or a point parts off its decimals is told by
      # its cells, and where they leave it open by what a pressure can be.
      class Numbers
        NUMBER = %r{\A[<>~=\s]*([-+]?[\d.,'’\s\u00A0\u202F]*\d)\s*[[:alpha:]"²³%°/()0-9]*\s*\z}
        GROUPS = ->(mark) { /\A[-+]?\d{1,3}(?:#{Regexp.escape(mark)}\d{3})+\z/ }
        COMMAS = GROUPS[","]
        POINTS = GROUPS["."]

        # cells: some of the column. comma: whether it parts off decimals where nothing tells. The
        # block says whether a number can be meant.
        def initialize(cells, comma:, &plausible)
          @plausible = plausible
          bare = cells.filter_map { |cell| bare(cell) }
          @comma = decided(bare)
          @comma = usual(bare, comma) if @comma.nil?
        end

        # The Float of a cell, or nil.
        def read(cell)
          return if cell.to_s.size > Budget::NUMBER

          plain = @comma ? nil : Float(cell, exception: false)
          return plain if plain&.finite?

          number(bare(cell).to_s, @comma)
        end

        private

        # Digits and marks of a cell without its unit and what groups digits beyond doubt.
        def bare(cell)
          return if cell.to_s.size > Budget::NUMBER

          cell.to_s[NUMBER, 1]&.gsub(/['’\s\u00A0\u202F]/, "")
        end

        def number(text, comma)
          text = comma ? text.delete(".").tr(",", ".") : text.delete(",")
          value = Float(text, exception: false)
          value if value&.finite?
        end

        # Whether the comma parts off decimals, where a cell leaves no doubt.
        def decided(cells)
          cells.each do |cell|
            comma = cell.rindex(",")
            point = cell.rindex(".")
            return comma > point if comma && point
            return true if comma && !cell.match?(COMMAS)
            return false if point && !cell.match?(POINTS)
            return false if cell.count(",") > 1
            return true if cell.count(".") > 1
          end
          nil
        end

        def usual(cells, usual)
          likely?(cells, !usual) && !likely?(cells, usual) ? !usual : usual
        end

        def likely?(cells, comma)
          numbers = cells.filter_map { |cell| number(cell, comma) }.sort
          numbers.any? && @plausible.call(numbers[numbers.size / 2])
        end
      end
    end
  end
end
