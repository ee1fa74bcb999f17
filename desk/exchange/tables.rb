# frozen_string_literal: true

module Munimen
  module Desk
    # Customers, sites, heaters, readings and deficiencies as CSV, out and in. Before anything is
    # taken over each row's fate is shown: the rows are really written, on a copy. With a wrong row
    # among them nothing is imported.
    class Tables
      FATES = %w[new changed same wrong].freeze
      SHOWN = 500 # rows whose fate is told one by one
      Row = Struct.new(:line, :fate, :text, :cells, keyword_init: true)

      # progress: is told the share that is done, from 0 to 1, at every row. mapping: {a column of
      # the file => ours, or "" to leave it out}, where a person has said so.
      def initialize(context, progress: ->(_) {}, mapping: {})
        @context = context
        @progress = progress
        @mapping = mapping
      end

      def export(name)
        @context.may!(:tables)
        table = table(name)
        Formats::SafeCsv.write(table.columns, table.rows)
      end

      # {counts:, rows: [{line:, fate:, text:}], errors:}: errors is a CSV of the wrong rows with
      # what is wrong, or nil.
      def preview(name, text) = tried(name, text) { nil }

      # Imports all rows. Raises Refused, and imports nothing, when one is wrong, or when somebody
      # has changed one of them meanwhile.
      def import(name, text)
        tried(name, text) do |shown, rehearsal|
          wrong = shown[:counts]["wrong"]
          if wrong.positive?
            raise Refused.new(
              Message.of("{wrong} of {rows} rows are wrong; nothing was imported.",
                         wrong:, rows: shown[:counts].values.sum),
              code: :bad_row,
              details: shown
            )
          end

          rehearsal.take_over(undone_as: head(name, shown[:counts]))
          @context.records.forget
        end
      end

      private

      def table(name, context = @context) = TableKinds.find(name, context)

      # What becomes of the rows, taken on a copy: nobody waits for it. Yields that and the copy.
      def tried(name, text)
        @context.may!(:tables)
        known = table(name)
        known.open!
        rows = Formats::CsvTable.new(
          text, known.taken, needed: known.needed, others: known.others, mapping: @mapping
        ).rows
        Store::Rehearsal.on(@context.records) do |rehearsal|
          shown = shown(known, taken(table(name, @context.with(rehearsal.records)), rows))
          yield shown, rehearsal
          shown
        end
      end

      # By which it can be taken back.
      def head(name, counts)
        told = counts.slice("new", "changed").map { |fate, count| "#{count} #{fate}" }.join(", ")
        { id: SecureRandom.uuid, kind: "import", title: "#{name}: #{told}",
          by: @context.person[:name], at: @context.stamp }
      end

      def taken(table, rows)
        table.all_at_once do
          rows.each_with_index.map do |one, index|
            @progress.call(index.fdiv(rows.size))
            row(table, *one)
          end
        end
      end

      def row(table, line, cells)
        fate = nil
        table.attempt { fate = table.take(cells) }
        Row.new(line:, fate:, cells:, text: table.remark)
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

      def shown(table, result)
        wrong, others = result.partition { |row| row.fate == "wrong" }
        first = (wrong + others.partition(&:text).flatten).first(SHOWN).sort_by(&:line)
        {
          counts: FATES.to_h { |fate| [fate, result.count { |row| row.fate == fate }] },
          rows: first.map { |row| row.to_h.slice(:line, :fate, :text) },
          errors: (errors(table, wrong) if wrong.any?)
        }
      end

      def errors(table, wrong)
        Formats::SafeCsv.write(
          table.columns + [:error],
          wrong.map { |row| row.cells.merge(error: row.text) }
        )
      end
    end
  end
end
