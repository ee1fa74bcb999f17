# frozen_string_literal: true

require "csv"

module Munimen
  module Formats
    # The catalogue of parts as CSV: a header line, then a part a line; columns by kind
    # (core/parts/kinds).
    module PartsCsv
      # What the lines of an empty list begin with: its columns, of all kinds of parts.
      HEAD = (Parts::Catalogue::HEAD + Parts::Kind.all.flat_map { |kind| kind.columns.keys }).uniq
        .join(",").concat("\n").freeze
      LINES = 5000

      module_function

      # The Parts::Catalogue of a text. Raises Error naming line and column.
      def read(text)
        rows = CSV.parse(text.delete_prefix("\uFEFF"), headers: true).map(&:to_h)
        if rows.size > LINES
          raise Error.new(
            Message.of("The file has {lines_here} lines; at most {lines} are read.",
                       lines_here: rows.size, lines: LINES),
            field: :csv,
            code: :too_long
          )
        end

        missing = Parts::Catalogue::HEAD - rows.first.to_h.keys
        if missing.any?
          raise Error.new(
            Message.of("The first line must name the columns; missing: {known}.",
                       known: missing.join(", ")),
            field: :csv,
            code: :bad_row
          )
        end

        Parts::Catalogue.new(rows)
      rescue CSV::MalformedCSVError => e
        raise Error.new(Message.of("This is not CSV: {message}",
                                   message: e.message), field: :csv, code: :bad_row)
      end
    end
  end
end
