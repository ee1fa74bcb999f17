# frozen_string_literal: true

module Munimen
  module Desk
    # Customers, sites, heaters, readings and deficiencies as CSV, out and in. Before anything is
    # taken over each row's fate is shown: the rows are really written, and taken back. With a
    # wrong row among them nothing is imported.
    class Tables
      FATES = %w[new changed same wrong].freeze
      SHOWN = 500 # rows whose fate is told one by one
      Row = Struct.new(:line, :fate, :text, :cells, keyword_init: true)

      def initialize(context) = @context = context

      def export(name)
        @context.may!(:tables)
        table = table(name)
        Formats::SafeCsv.write(table.columns, table.rows)
      end

      # {counts:, rows: [{line:, fate:, text:}], errors:}: errors is a CSV of the wrong rows with
      # what is wrong, or nil.
      def preview(name, text)
        result = nil
        @context.records.tables.rehearse { result = tried(name, text) }
        shown(name, result)
      ensure
        @context.records.forget
      end

      # Imports all rows. Raises Refused, and imports nothing, when one is wrong.
      def import(name, text)
        @context.records.write do
          result = tried(name, text)
          wrong = result.count { |row| row.fate == "wrong" }
          if wrong.positive?
            raise Refused.new(
              "#{wrong} of #{result.size} rows are wrong; nothing was imported.",
              code: :bad_row,
              details: shown(name, result)
            )
          end

          shown(name, result)
        end
      end

      private

      def table(name) = TableKinds.find(name, @context)

      def tried(name, text)
        @context.may!(:tables)
        table = table(name)
        Formats::SafeCsv
          .read(text, table.columns, needed: table.needed)
          .each_with_index
          .map { |cells, index| row(table, cells, index + 2) }
      end

      def row(table, cells, line)
        fate = nil
        @context.records.tables.attempt { fate = table.take(cells) }
        Row.new(line:, fate:, cells:)
      rescue Munimen::Error => e
        Row.new(line:, fate: "wrong", text: e.message, cells:)
      rescue Store::Rejected
        Row.new(
          line:,
          fate: "wrong",
          text: "It does not fit to what is there: an id of something else?",
          cells:
        )
      end

      def shown(name, result)
        wrong = result.select { |row| row.fate == "wrong" }
        columns = table(name).columns
        errors = (
          if wrong.empty?
            nil
          else
            Formats::SafeCsv.write(
              columns + [:error],
              wrong.map { |row| row.cells.merge(error: row.text) }
            )
          end
        )
        {
          counts: FATES.to_h { |fate| [fate, result.count { |row| row.fate == fate }] },
          rows: result.first(SHOWN).map { |row| row.to_h.slice(:line, :fate, :text) },
          errors:
        }
      end
    end
  end
end
