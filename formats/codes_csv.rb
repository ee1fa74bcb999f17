# frozen_string_literal: true

require "csv"

module Munimen
  module Formats
    # Codes on the display as CSV: maker, code, means, test; a header line, then one a line.
    module CodesCsv
      HEAD = "#{Faults::DisplayCodes::COLUMNS.join(",")}\n".freeze
      LINES = 5000

      module_function

      # The Faults::DisplayCodes of a text. Raises Error naming line or column.
      def read(text)
        rows = CSV.parse(text.delete_prefix("\uFEFF"), headers: true).map(&:to_h)
        if rows.size > LINES
          raise Error.new(Message.of("The file has {lines_here} lines; at most {lines} are read.",
                                     lines_here: rows.size, lines: LINES),
                          field: :csv, code: :too_long)
        end
        missing = %w[code means] - rows.first.to_h.keys
        unless missing.empty?
          raise Error.new(Message.of("The first line must name the columns; missing: {known}.",
                                     known: missing.join(", ")),
                          field: :csv, code: :bad_row)
        end

        Faults::DisplayCodes.new(rows)
      rescue CSV::MalformedCSVError => e
        raise Error.new(Message.of("This is not CSV: {message}",
                                   message: e.message), field: :csv, code: :bad_row)
      end

      # And back.
      def write(codes)
        HEAD + codes.rows.map { |row| line(row.values) }.join
      end

      def line(cells) = CSV.generate_line(cells.map { |one| one unless one.to_s.empty? })
      private_class_method :line
    end
  end
end
