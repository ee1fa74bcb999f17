# frozen_string_literal: true

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

      attr_reader :records

      # Yields a Rehearsal on a copy that is gone afterwards.
      def self.on(real)
        Dir.mktmpdir("munimen-rehearsal") do |folder|
          before, after = %w[before after].map { |name| File.join(folder, "#{name}.sqlite3") }
          real.database.run("VACUUM INTO #{real.database.literal(before)}")
          FileUtils.cp(before, after)
          copy = Database.open(after)
          begin
            yield new(real, Records.new(copy, folder:), before, after)
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
      # one of the same rows meanwhile.
      def take_over
        @records.database.run("PRAGMA wal_checkpoint(TRUNCATE)")
        @real.synchronize do
          attached do
            @real.transaction(mode: :immediate) do
              TABLES.each { |table, columns| merge(table, columns || @real[table].columns) }
              words
            end
          end
        end
      end

      private

      def attached
        { past: @before, copy: @after }.each do |name, path|
          @real.run("ATTACH #{@real.literal(path)} AS #{name}")
        end
        yield
      ensure
        %w[past copy].each { |name| @real.run("DETACH #{name}") }
      end

      def merge(table, columns)
        kept = columns - OWN
        list = kept.map { |one| "`#{one}`" }.join(", ")
        changed = "SELECT #{list} FROM copy.#{table} EXCEPT SELECT #{list} FROM past.#{table}"
        alone!(table, list, changed)
        set = (kept - [:id]).map { |one| "`#{one}` = excluded.`#{one}`" }.join(", ")
        # WHERE true: or the parser takes ON for part of a join
        return if @real.fetch("SELECT 1 FROM (#{changed}) LIMIT 1").empty?

        @real.run(
          "INSERT INTO main.#{table} (#{list}) SELECT * FROM (#{changed}) WHERE true " \
          "ON CONFLICT (id) DO UPDATE SET #{set}"
        )
      end

      # Nobody else has changed what is to be changed.
      def alone!(table, list, changed)
        touched = "id IN (SELECT id FROM (#{changed}))"
        other = "SELECT #{list} FROM main.#{table} WHERE #{touched} " \
                "EXCEPT SELECT #{list} FROM past.#{table}"
        return if @real.fetch("SELECT 1 FROM (#{other}) LIMIT 1").empty?

        raise Refused.new(
          "Somebody has changed one of these rows meanwhile; nothing was imported. Look at the " \
          "rows again.",
          code: :conflict
        )
      end

      # The words by which the customers are found that have changed.
      def words
        now = "SELECT word, customer_id FROM copy.search_words"
        old = "SELECT word, customer_id FROM past.search_words"
        { "DELETE FROM main.search_words WHERE (word, customer_id) IN" => "(#{old} EXCEPT #{now})",
          "INSERT INTO main.search_words (word, customer_id)" => "#{now} EXCEPT #{old}" }
          .each { |verb, rows| @real.run("#{verb} #{rows}") }
      end
    end
  end
end
