# frozen_string_literal: true

module Munimen
  module Store
    # What came into a sealed visit afterwards, found and taken out again; what was changed in its
    # place cannot be told apart from what was signed, and is sealed anew as it is now.
    class SealRepair
      MOST = 200 # entries that are looked at, the last first

      def initialize(database, seals)
        @database = database
        @seals = seals
      end

      # Ids of the sealed visits that are not what was sealed.
      def broken = @seals.changed

      # [[table, row], …] that came in after a visit was sealed, in the order in which they were
      # entered: without them it is what was sealed. nil where no such rows are to be found.
      def late(visit_id)
        numbered, loose = rows(visit_id).partition { |_, row| row[:seq] }
        numbered.sort_by! { |_, row| row[:seq] }
        sealed = @seals.of(visit_id)[:at]
        loose.select! { |_, row| row[:at].to_s > sealed }
        counts = (0..[numbered.size, MOST].min).to_a
        tries = [[], loose].uniq.product(counts)
        tries = tries.map { |others, count| numbered.last(count) + others }
        tries.find { |out| out.any? && @seals.as_sealed?(visit_id, without: ids(out)) }
      end

      # Takes rows out of a sealed visit, inside the transaction that keeps them elsewhere.
      def take_out(rows)
        unguarded { rows.each { |table, row| @database[table].where(id: row[:id]).delete } }
      end

      private

      def ids(rows) = rows.group_by(&:first).transform_values { |of| of.map { |_, row| row[:id] } }

      # Signatures and photographs have no number, only a time.
      def rows(visit_id)
        Seals::TABLES.flat_map do |table|
          @database[table].where(visit_id:).all.map { |row| [table, row] }
        end
      end

      # The guards of what is sealed are lifted for a block, and stand again after it.
      def unguarded
        guards = @database[:sqlite_master]
          .where(type: "trigger")
          .where(Sequel.like(:name, "%\\_sealed\\_%"))
          .select_hash(:name, :sql)
        guards.each_key { |name| @database.run("DROP TRIGGER #{name}") }
        yield
        guards.each_value { |sql| @database.run(sql) }
      end
    end
  end
end
