# frozen_string_literal: true

require "securerandom"

module Munimen
  module Desk
    module TableKinds
      # What they share: take returns "new", "changed" or "same", or raises Error. A column that
      # the file lacks leaves what is there; an empty cell empties it.
      class Kind
        def initialize(context)
          @context = context
          @records = context.records
        end

        # Columns as they are called in the file, and in the records.
        def columns = stored.keys
        def stored = self.class::COLUMNS.to_h { |name| [name, name] }
        # All rows, as the file has them.
        def rows = @records.tables.all(table, stored, order:, only:)
        # Which rows go out at all.
        def only = {}
        def needed = []
        # Columns that a file may have; {ours => [what others call it]}.
        def taken = columns
        def others = {}
        # What there is to say of the row that was taken last, or nil.
        attr_reader :remark

        # Raises Refused where the table only goes out.
        def open! = nil

        # Columns of a row that is there which a file does not change.
        def fixed = []

        def take(cells)
          @remark = nil
          id = cells[:id] ? id!(cells[:id], :id) : SecureRandom.uuid
          before = now(id) if cells[:id]
          stay!(cells, before) if before
          write(id, cells, before)
          return "new" unless before

          now(id) == before ? "same" : "changed"
        end

        # A block as one write; and one that is taken back when it raises, within that.
        def all_at_once(&) = @records.write(&)
        def attempt(&) = @records.tables.attempt(&)

        private

        # The row of an id as it is now, or nil.
        def now(id) = @records.tables.find(table, id, stored)

        def stay!(cells, before)
          moved = fixed.find do |column|
            cells[column] && cells[column].to_s.downcase != before[column].to_s
          end or return
          raise Error.new(
            Message.of("{moved} is {before} and stays so; leave it, or take the row in as a new " \
                       "one without id.",
                       moved:, before: before[moved]),
            field: moved,
            code: :fixed
          )
        end

        def id!(text, field)
          return text.downcase if text.to_s.match?(UUID)

          raise Error.new(
            Message.of("{field} must be a UUID such as {example}, or empty for something new.",
                       field:, example: SecureRandom.uuid),
            field:,
            code: :invalid
          )
        end
      end
    end
  end
end
