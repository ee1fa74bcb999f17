# frozen_string_literal: true

module Munimen
  module Pocket
    # Rows in memory, as the database has them, and what its triggers do there: the order of entry,
    # what corrects what, the version of a visit, and that what is sealed stays as it is.
    #
    #   tables = Tables.new(visits: [{id: "…", …}], readings: [])
    #   tables.insert(:readings, id: "…", visit_id: "…", …)
    class Tables
      CORRECTS = { readings: :name, observations: :item }.freeze
      ENTERED = Store::EntryOrder::TABLES
      OF_VISITS = (ENTERED + %i[signatures photos]).freeze
      # What changes a visit's version when it is updated.
      TELLING = %i[status ended jobs house_rules started_at planned_for].freeze

      # rows: {table => [row]}, Symbols as keys.
      def initialize(rows)
        @rows = Hash.new { |all, table| all[table] = [] }
        @index = Hash.new { |all, table| all[table] = {} }
        rows.each { |table, list| list.each { |row| put(table, row) } }
      end

      def [](table) = @rows[table]
      def find(table, id) = @index[table][id]

      def where(table, **like)
        @rows[table].select { |row| like.all? { |name, is| row[name] == is } }
      end

      def of_visit(table, visit_id) = (@of ||= {})[[table, visit_id]] || [].freeze

      # Adds a row and gives it; nil where one of its id is there already.
      def insert(table, attributes)
        return if find(table, attributes[:id])

        row = Store::Values.kept(attributes)
        if OF_VISITS.include?(table)
          visit = open!(row[:visit_id])
          enter(table, row, visit)
          visit[:version] = visit[:version].to_i + 1
        end
        put(table, row)
        row
      end

      # Changes the row of an id; what is not there is left alone.
      def update(table, id, attributes)
        row = find(table, id) or return
        open!(id) if table == :visits
        kept = Store::Values.kept(attributes)
        row.merge!(kept)
        told(table, row, kept)
      end

      # All of a block, or none of it.
      def all_or_none
        before = Marshal.dump([@rows.to_a, @sealed])
        yield
      rescue StandardError
        back_to(before)
        raise
      end

      def seal(visit_id) = (@sealed ||= {})[visit_id] = true

      private

      def put(table, row)
        @rows[table] << row
        @index[table][row[:id]] = row if row[:id]
        ((@of ||= {})[[table, row[:visit_id]]] ||= []) << row if row[:visit_id]
      end

      def open!(visit_id)
        raise Refused.new(Store::Translated::SIGNED, code: :signed) if @sealed&.key?(visit_id)

        find(:visits, visit_id) || raise(NotFound.new("There is no such visit.", field: :visit))
      end

      def enter(table, row, visit)
        row[:superseded_by] = nil if CORRECTS.key?(table)
        if ENTERED.include?(table) && row[:seq].nil?
          row[:seq] = visit[:entries] = visit[:entries].to_i + 1
        end
        what = CORRECTS[table] or return
        of_visit(table, row[:visit_id]).each do |one|
          one[:superseded_by] ||= row[:id] if one[what] == row[what]
        end
      end

      # Which visits' screens it changes.
      def told(table, row, kept)
        case table
        when :visits then grow([row]) if kept.keys.intersect?(TELLING)
        when :heaters then grow(unsigned(where(:visits, heater_id: row[:id])))
        when :sites
          where(:heaters, site_id: row[:id]).each do |heater|
            grow(unsigned(where(:visits, heater_id: heater[:id])))
          end
        end
      end

      def unsigned(visits) = visits.reject { |row| row[:status] == "signed" }
      def grow(visits) = visits.each { |row| row[:version] = row[:version].to_i + 1 }

      def back_to(dump)
        rows, @sealed = Marshal.load(dump) # rubocop:disable Security/MarshalLoad
        @rows.clear
        @index.clear
        @of = {}
        rows.each { |table, list| list.each { |row| put(table, row) } }
      end
    end
  end
end
