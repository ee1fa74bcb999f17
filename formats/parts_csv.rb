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
            "The file has #{rows.size} lines; at most #{LINES} are read.",
            field: :csv,
            code: :too_long
          )
        end

        missing = Parts::Catalogue::HEAD - rows.first.to_h.keys
        if missing.any?
          raise Error.new(
            "The first line must name the columns; missing: #{missing.join(", ")}.",
            field: :csv,
            code: :bad_row
          )
        end

        Parts::Catalogue.new(rows)
      rescue CSV::MalformedCSVError => e
        raise Error.new("This is not CSV: #{e.message}", field: :csv, code: :bad_row)
      end
    end
  end
end
