# frozen_string_literal: true

module Munimen
  module Store
    # What changed many rows by one press, kept for a day with each row as it was, so that one press
    # takes it back.
    #
    #   undoing.keep({ id:, kind: "merge", title: "…", by: "Ada", at: }, [[:sites, id]]) { … }
    #   undoing.undo(id, at:) # => the ids of the customers whose rows it was
    class Undoing
      HOURS = 24
      # Parents first. Nothing of these is sealed.
      TABLES = %i[customers sites heaters deficiencies].freeze
      BOOKED = "Something was booked or written there since; it stays as it is."

      def initialize(database) = @database = database

      # head: {id:, kind:, title:, by:, at:}; touched: [[table, id]] of the rows that the block may
      # change, parents first. Inside a transaction.
      def keep(head, touched)
        before = touched.map { |table, id| told(table, id) }
        yield
        began(head)
        touched.zip(before).each do |(table, row_id), was|
          now = told(table, row_id)
          next if now == was

          rows.insert(undoable_id: head[:id], table: table.to_s, row_id:, before: was, after: now)
        end
      end

      # The head alone; its rows come from elsewhere.
      def began(head)
        prune(head[:at])
        undoables.insert(head)
      end

      # Those of the last day, the newest first: [{id:, kind:, title:, by:, at:, rows:}].
      def recent(now)
        lately(now).reverse(:at).map do |row|
          row.except(:undone_at).merge(rows: rows.where(undoable_id: row[:id]).count)
        end
      end

      def known?(id) = !undoables.where(id:).empty?

      # Puts every row back as it was, or none: raises Refused where one has been changed since, or
      # something new hangs on it; NotFound where there is none of the id within its day. Inside a
      # transaction. The ids of the customers that are concerned.
      def undo(id, at:)
        if lately(at).where(id:).empty?
          raise NotFound.new("There is nothing of it to be undone any more.", field: :id)
        end

        all = rows.where(undoable_id: id).reverse(:n).all
        untouched!(all)
        concerned = owners(all)
        all.each { |one| back(one) }
        undoables.where(id:).update(undone_at: at)
        concerned | owners(all)
      rescue Sequel::ForeignKeyConstraintViolation
        raise Refused.new(BOOKED, code: :in_use)
      end

      # Nothing of some rows stays.
      def forget(ids)
        undoables.where(id: rows.where(row_id: ids).select(:undoable_id)).delete
      end

      # Where nothing came of it that can be undone.
      def forget_empty(id) = rows.where(undoable_id: id).empty? && undoables.where(id:).delete

      # SQL of a row as JSON, for those that write down whole tables at once.
      def as_json(table, from = table)
        fields = (@database[table].columns - Rehearsal::OWN).map { |name| "'#{name}', #{from}.`#{name}`" }
        "json_object(#{fields.join(", ")})"
      end

      private

      def undoables = @database[:undoables]
      def rows = @database[:undo_rows]
      def since(now) = (Time.iso8601(now) - (HOURS * 3600)).utc.iso8601(3)
      def lately(now) = undoables.where(undone_at: nil, at: (since(now)..))
      def prune(now) = undoables.exclude(at: (since(now)..)).delete

      def told(table, id)
        @database[table].where(id:).get(Sequel.lit(as_json(table)))
      end

      def untouched!(all)
        changed = all.count { |one| told(one[:table].to_sym, one[:row_id]) != one[:after] }
        return if changed.zero?

        raise Refused.new(
          Message.of("{changed} of {size} entries were changed since; nothing was undone.",
                     changed:, size: all.size),
          code: :changed_since
        )
      end

      def back(one)
        table = @database[one[:table].to_sym]
        was, now = one.values_at(:before, :after).map { |text| text && JSON.parse(text) }
        if was.nil? then table.where(id: one[:row_id]).delete
        elsif now.nil? then table.insert(was.transform_keys(&:to_sym))
        else table.where(id: one[:row_id]).update(differing(was, now))
        end
      end

      def differing(was, now)
        was.reject { |name, value| now[name] == value }.transform_keys(&:to_sym)
      end

      # Customers whose names and addresses are found by other words afterwards.
      def owners(all)
        named = all.select { |one| one[:table] == "customers" }.map { |one| one[:row_id] }
        sites = all.select { |one| one[:table] == "sites" }.map { |one| one[:row_id] }
        named | @database[:sites].where(id: sites).select_map(:customer_id)
      end
    end
  end
end
