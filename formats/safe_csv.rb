# frozen_string_literal: true

require "csv"

module Munimen
  module Formats
    # Tables as CSV (RFC 4180) that a spreadsheet does not take for formulas: a cell that would
    # begin one gets an apostrophe before it, which is taken off again when the file comes back.
    module SafeCsv
      FORMULA = /\A[=+\-@\t\r]/
      NUMBER = /\A-?\d+(\.\d+)?\z/
      ROWS = 20_000
      LARGEST = 10_000_000 # bytes

      module_function

      # rows: Hashes with these columns.
      def write(columns, rows)
        CSV.generate do |csv|
          (csv << columns) && rows.each { |row| csv << columns.map { |column| guard(row[column]) } }
        end
      end

      # [{column => text or nil}] of a text. Raises Error that names what is wrong.
      def read(text, columns, needed: [])
        if text.bytesize > LARGEST
          raise Error.new(
            "The file is larger than #{LARGEST / 1_000_000} MB; cut it into parts.",
            field: :csv,
            code: :too_long
          )
        end

        text = text.dup.force_encoding(Encoding::UTF_8).delete_prefix("\uFEFF")
        unless text.valid_encoding? && !text.include?("\0")
          raise Error.new(
            "The file is not UTF-8 text; save it as “CSV UTF-8”.",
            field: :csv,
            code: :not_text
          )
        end

        table = CSV.parse(text, headers: true, skip_blanks: true)
        check(table, columns, needed)
        long = table.find_index { |row| row.headers.include?(nil) }
        if long
          raise Error.new(
            "Line #{long + 2} has more cells than the first line names.",
            field: :csv,
            code: :bad_row
          )
        end

        table.map { |row| row.to_h.transform_keys(&:to_sym).transform_values { |cell| bare(cell) } }
      rescue CSV::MalformedCSVError => e
        raise Error.new("This is not CSV: #{e.message[0, 120]}", field: :csv, code: :bad_row)
      end

      def check(table, columns, needed)
        head = table.headers.compact.map(&:to_sym)
        unknown = head - columns
        if unknown.any?
          raise Error.new(
            "There is no column “#{unknown.first}”; there are: #{columns.join(", ")}.",
            field: :csv,
            code: :unknown_input
          )
        end
        if head.uniq.size < head.size
          raise Error.new("A column is named twice.", field: :csv, code: :bad_row)
        end
        if (needed - head).any?
          raise Error.new(
            "The first line must name the columns; missing: #{(needed - head).join(", ")}.",
            field: :csv,
            code: :missing
          )
        end
        return unless table.size > ROWS

        raise Error.new(
          "The file has more than #{ROWS} rows; cut it into parts.",
          field: :csv,
          code: :too_long
        )
      end

      def guard(value)
        text = value.to_s
        return if text.empty?

        text.match?(FORMULA) && !text.match?(NUMBER) ? "'#{text}" : text
      end

      def bare(cell)
        text = cell.to_s
        text = text[1..] if text.start_with?("'") && text[1..].match?(FORMULA)
        text.strip.empty? ? nil : text
      end
    end
  end
end
