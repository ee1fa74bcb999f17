# frozen_string_literal: true

require "csv"

module Munimen
  module Formats
    # Tables as CSV (RFC 4180) that a spreadsheet does not take for formulas: a cell that would
    # begin one gets an apostrophe before it, which is taken off again when the file comes back.
    module SafeCsv
      FORMULA = /\A[=+\-@\t\r]/
      NUMBER = /\A-?\d+(\.\d+)?\z/

      module_function

      # rows: Hashes with these columns.
      def write(columns, rows)
        CSV.generate(row_sep: "\r\n") do |csv|
          (csv << columns) && rows.each { |row| csv << columns.map { |column| guard(row[column]) } }
        end
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
