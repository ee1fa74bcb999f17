# frozen_string_literal: true

module Munimen
  module Store
    # The tables of an installation as they go into an open bundle and come back: which, in which
    # order, and what stays behind.
    class BundleTables
      # In the order in which they can be read back.
      ALL = %i[
        accounts
        absences
        settings
        customers
        sites
        heaters
        visits
        readings
        observations
        steps
        decisions
        notes
        signatures
        signed_pages
        photos
        told_photos
        deficiencies
        dues
        due_decisions
        pressure_logs
        training_results
        seals
        signed_before_seals
        erased
        amendments
        share_links
        share_views
        messages
        calendar_feeds
      ].freeze
      # Secrets, and what is of one machine, do not travel.
      BEHIND = {
        settings: ->(row) { %w[smtp backup_passphrase backup_place].include?(row[:name]) }
      }.freeze

      def initialize(database) = @database = database

      def empty? = ALL.all? { |table| @database[table].empty? }
      def columns(table) = @database.schema(table).to_h

      # Yields each row, in a fixed order, as a Hash with text keys.
      def each(table)
        names = %i[id name visit_id subject]
        order = (table == :seals && :seq) || names.find { |one| columns(table).key?(one) } ||
                Sequel.lit("rowid")
        @database[table].order(order).paged_each(rows_per_fetch: 1000) do |row|
          yield row.transform_keys(&:to_s) unless BEHIND[table]&.call(row)
        end
      end

      # Puts rows in as they are; inside a transaction. Those of an earlier version come without
      # the order of entry: it is taken from their times once all are there (`settle`).
      def insert(table, rows)
        @unnumbered ||= EntryOrder::TABLES.include?(table) && rows.any? { |row| row[:seq].nil? }
        rows.group_by(&:keys).each_value { |same| @database[table].multi_insert(same) }
      end

      # A new row grows the version of its visit by triggers: set back to what it was.
      def settle(visits)
        renumber if @unnumbered
        visits.each { |id, version| @database[:visits].where(id:).update(version:) }
      end

      # JSON Schema of a row. What has a default may be missing: an older bundle does not know it.
      def schema(table)
        columns = columns(table)
        {
          type: "object",
          additionalProperties: false,
          required:
            columns.reject { |_, facts| facts[:allow_null] || facts[:default] }.keys.map(&:to_s),
          properties: columns.to_h { |name, facts| [name.to_s, property(name, facts)] }
        }
      end

      TYPES = { "text" => "string", "integer" => "integer", "real" => "number" }.freeze
      # What names a file can be nothing else.
      HASHES = %i[hash page_hash file content previous token].freeze

      private

      def renumber
        EntryOrder::TABLES.each { |table| @database[table].update(seq: nil) }
        @database.run(EntryOrder.renumber)
        @database.run(EntryOrder.count)
      end

      def property(name, facts)
        type = [TYPES.fetch(facts[:db_type].to_s.downcase), *("null" if facts[:allow_null])]
        HASHES.include?(name) ? { type:, pattern: "^[0-9a-f]{64}$" } : { type: }
      end
    end
  end
end
