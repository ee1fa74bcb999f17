# frozen_string_literal: true

require "csv"

module Munimen
  module Formats
    # A table that a person brings, as CSV from whatever program: its rows by our columns. Names
    # of columns are met in any case, by what others call them, or by where a person has put them; a
    # unit may stand in a column's name, “Capacity (gal)”, or in a column of its own, “capacity
    # unit”.
    #
    #   CsvTable.new(bytes, %i[name phone], needed: %i[name]).rows # => [Row: line, cells]
    class CsvTable
      ROWS = 100_000
      LARGEST = 40_000_000 # bytes
      Row = Struct.new(:line, :cells)
      LOOK = 50 # lines by which the separator is told
      UNIT = /\A(.+?)\s*[(\[]([^)\]]+)[)\]]\s*\z/

      # columns: ours; needed: those without which nothing can be done, a list where one of several
      # will do; others: {ours => [what
      # others call it]}; mapping: {their name => ours, or "" to leave it out}, as a person says.
      def initialize(bytes, columns, needed: [], others: {}, mapping: {})
        if bytes.bytesize > LARGEST
          refuse(Message.of("The file is larger than {largest} MB; cut it into parts.",
                            largest: LARGEST / 1_000_000), :too_long)
        end

        @budget = Budget.new(field: :csv)
        @text = TableText.whole(bytes)
        refuse("This is not a table in text: save it as CSV.", :not_text) if @text.include?("\0")
        @columns = columns
        @needed = needed
        @others = others
        @mapping = mapping.to_h
      end

      # [Row]: the line it begins at, and {column => text or nil}. Raises Error, or Unclear where a
      # person has to say which column is which.
      def rows
        skipped = @text.lines.first.to_s.match?(TableText::SAID) ? 1 : 0
        @line = skipped
        @text.each_line.with_index(1) { |line, number| @budget.line!(line, number) }
        csv = CSV.new(@text.lines.drop(skipped).join, col_sep: separator)
        @head = (filled(csv) || []).map { |cell| cell.to_s.strip }
        @ours = @head.map { |name| ours(name) }
        check
        Enumerator.produce { read(csv) }.take_while(&:itself).tap { |rows| long(rows) }
      rescue CSV::MalformedCSVError => e
        refuse(Message.of("This is not CSV: {message}", message: e.message[0, 120]), :bad_row)
      end

      private

      def separator
        lines = @text.each_line.first(LOOK).map(&:chomp)
        found = TableText.separator(lines)
        found == TableText::SPACES ? "," : found
      end

      # The next row that is not blank; @first is the line it begins at.
      def filled(csv)
        while (cells = csv.shift)
          @first = @line + 1
          @line += [csv.line.count("\n"), 1].max
          @budget.spend! if (@line % 1000).zero?
          @budget.cells!(cells, @first)
          return cells if cells.any?
        end
      end

      def read(csv)
        cells = filled(csv) or return
        if cells.size > @head.size && cells.drop(@head.size).any?
          refuse(Message.of("Line {first} has more cells than the first line names.",
                            first: @first), :bad_row)
        end

        Row.new(@first, by_column(cells))
      end

      def by_column(cells)
        row = {}
        units = {}
        @ours.each_with_index do |ours, index|
          next unless ours

          column, unit = ours
          text = SafeCsv.bare(cells[index])
          next units[column] = text if unit == :unit

          row[column] = text && unit && bare_number?(text) ? "#{text} #{unit}" : text
        end
        units.each do |column, unit|
          row[column] = "#{row[column]} #{unit}" if unit && bare_number?(row[column].to_s)
        end
        row
      end

      def bare_number?(text) = text.match?(%r{\A[-+]?[\d.,/\s]*\d\z})

      # [our column, nil, a unit, or :unit for a column of units], or nil for one that is left out.
      def ours(name)
        said = @mapping[name]
        return (said.to_s.empty? ? nil : [said.to_sym, nil]) if @mapping.key?(name)

        plain, unit = name.match(UNIT)&.captures
        column = known(name) and return [column, nil]
        column = plain && known(plain) and return [column, unit]
        if name.match?(/units?\z/i)
          column = known(name.sub(/[\s_-]+units?\z/i, "")) and return [column, :unit]
        end

        name.empty? ? nil : :unknown
      end

      def known(name)
        word = word(name)
        @columns.find { |column| column.to_s == word } ||
          @others.find { |_, names| names.any? { |one| word(one) == word } }&.first
      end

      def word(name) = name.to_s.downcase.gsub(/[^[:alnum:]]+/, "_").gsub(/\A_|_\z/, "")

      def check
        unknown = @head.zip(@ours).filter_map { |name, ours| name if ours == :unknown }
        if unknown.any?
          unclear(Message.of("There is no column “{unknown}”",
                             unknown: unknown.first), :unknown_input)
        end
        values = @ours.compact.reject { |_, unit| unit == :unit }.map(&:first)
        strange = values - @columns
        if strange.any?
          unclear(Message.of("There is no column “{strange}”",
                             strange: strange.first), :unknown_input)
        end
        twice = values.tally.find { |_, count| count > 1 }
        unclear(Message.of("Two columns would be “{twice}”", twice: twice.first), :bad_row) if twice
        missing = @needed.reject { |one| Array(one).intersect?(values) }
        return if missing.empty?

        told = missing.map { |one| Array(one).join(" or ") }.join(", ")
        unclear(Message.of("The first line must name the columns; missing: {told}",
                           told:), :missing)
      end

      def long(rows)
        return unless rows.size > ROWS

        refuse(Message.of("The file has more than {rows} rows; cut it into parts.",
                          rows: ROWS), :too_long)
      end

      def refuse(text, code) = raise Error.new(text, field: :csv, code:)

      # What stands in the file, what there is for it, and what is taken for what.
      def unclear(text, code)
        taken = @head.zip(@ours).to_h { |name, ours| [name, ours.is_a?(Array) ? ours.first : nil] }
        raise Unclear.new(
          Message.of("{text}; there are: {known}.", text:, known: @columns.join(", ")),
          field: :csv, code:, columns: @head, known: @columns, taken:
        )
      end
    end
  end
end
