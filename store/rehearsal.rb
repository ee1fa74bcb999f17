# frozen_string_literal: true

require "fileutils"
require "tmpdir"

module Munimen
  module Store
    # Long work on a copy of the database, so that nobody waits for it; what it has changed can then
    # be taken over into the database itself, in one short write.
    #
    #   Rehearsal.on(records) do |rehearsal|
    #     work(rehearsal.records)
    #     rehearsal.take_over
    #   end
    class Rehearsal
      # Tables that are taken over, parents first, with the columns that are: nil for all.
      TABLES = {
        customers: nil,
        sites: nil,
        heaters: nil,
        visits: %i[id arrival],
        readings: nil,
        deficiencies: nil
      }.freeze
      # What each database counts for itself.
      OWN = %i[seq].freeze
      PIECE = 2000 # rows of one statement, within which nothing else of this process runs

      attr_reader :records

      # Yields a Rehearsal on a copy that is gone afterwards.
      def self.on(real)
        Dir.mktmpdir("munimen-rehearsal") do |folder|
          before, after = %w[before after].map { |name| File.join(folder, "#{name}.sqlite3") }
          real.database.run("VACUUM INTO #{real.database.literal(before)}")
          FileUtils.cp(before, after)
          copy = Database.open(after)
          begin
            records = Records.new(copy, folder:)
            records.customers.leave_unindexed
            yield new(real, records, before, after)
          ensure
            copy.disconnect
          end
        end
      end

      def initialize(real, records, before, after)
        @real = real.database
        @records = records
        @before = before
        @after = after
      end

      # Writes what has changed. Raises Refused, and takes over nothing, where somebody has changed
      # one of the same rows meanwhile. What is compared is compared before anybody has to wait; the
      # words of the search follow in pieces, also after a crash. undone_as: head of Undoing, with
      # which it can be taken back.
      def take_over(undone_as: nil)
        @records.database.run("PRAGMA wal_checkpoint(TRUNCATE)")
        @real.synchronize do
          attached do
            changes = TABLES.map { |table, columns| change(table, columns || columns_of(table)) }
            @real.transaction(mode: :immediate) do
              remember(undone_as, changes) if undone_as
              changes.each { |one| merge(*one) }
            end
          end
        end
        Customers.new(@real).index_waiting
      end

      private

      def attached
        { past: @before, copy: @after }.each do |name, path|
          @real.run("ATTACH #{@real.literal(path)} AS #{name}")
        end
        yield
      ensure
        TABLES.each_key { |table| @real.run("DROP TABLE IF EXISTS temp.changed_#{table}") }
        %w[past copy].each { |name| @real.run("DETACH #{name}") }
      end

      def columns_of(table) = @real[table].columns

      # [table, its columns, name of a table of what has changed], for `merge`.
      def change(table, columns)
        kept = columns - OWN
        list = kept.map { |one| "`#{one}`" }.join(", ")
        @real.run(
          "CREATE TEMP TABLE changed_#{table} AS SELECT #{list} FROM copy.#{table} " \
          "EXCEPT SELECT #{list} FROM past.#{table}"
        )
        [table, kept, list, "temp.changed_#{table}"]
      end

      # Each row as it is, and as it will be.
      def remember(head, changes)
        undoing = Undoing.new(@real)
        undoing.began(head)
        changes.each do |table, _, _, changed|
          next unless Undoing::TABLES.include?(table)

          now = undoing.as_json(table, "new")
          was = "(SELECT #{undoing.as_json(table, "old")} FROM main.#{table} old " \
                "WHERE old.id = new.id)"
          @real.run(
            "INSERT INTO main.undo_rows (undoable_id, `table`, row_id, before, after) " \
            "SELECT #{@real.literal(head[:id])}, '#{table}', new.id, #{was}, #{now} " \
            "FROM #{changed} new"
          )
        end
        undoing.forget_empty(head[:id])
      end

      def merge(table, kept, list, changed)
        rows = @real.fetch("SELECT max(rowid) AS last FROM #{changed}").first[:last] or return
        alone!(table, list, changed)
        set = (kept - [:id]).map { |one| "`#{one}` = excluded.`#{one}`" }.join(", ")
        (1..rows).step(PIECE) do |first|
          # WHERE: or the parser takes ON for part of a join
          @real.run(
            "INSERT INTO main.#{table} (#{list}) SELECT #{list} FROM #{changed} " \
            "WHERE rowid BETWEEN #{first} AND #{first + PIECE - 1} " \
            "ON CONFLICT (id) DO UPDATE SET #{set}"
          )
          Thread.pass
        end
        owner = { customers: "id", sites: "customer_id" }[table] or return
        @real.run(
          "INSERT OR IGNORE INTO main.search_waiting SELECT DISTINCT #{owner} FROM #{changed}"
        )
      end

      # Nobody else has changed what is to be changed.
      def alone!(table, list, changed)
        touched = "id IN (SELECT id FROM #{changed})"
        other = "SELECT #{list} FROM main.#{table} WHERE #{touched} " \
                "EXCEPT SELECT #{list} FROM past.#{table}"
        return if @real.fetch("SELECT 1 FROM (#{other}) LIMIT 1").empty?

        raise Refused.new(
          "Somebody has changed one of these rows meanwhile; nothing was imported. Look at the " \
          "rows again.",
          code: :conflict
        )
      end
    end
  end
end
