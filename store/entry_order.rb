# frozen_string_literal: true

module Munimen
  module Store
    # The order in which things were entered, for rows that come without it: from a database or a
    # bundle of an earlier version. Their times decide then, a reading before the step that it
    # belongs to.
    module EntryOrder
      TABLES = %i[readings observations decisions notes steps].freeze

      module_function

      # SQL statements that number the entries of all visits, or of those with rows that have no
      # number.
      def renumber
        all = TABLES.map.with_index do |table, rank|
          "SELECT '#{table}' AS name, id, visit_id, at, #{rank} AS rank, rowid AS nth FROM #{table}"
        end
        numbered = TABLES.map do |table|
          "UPDATE #{table} SET seq = (SELECT seq FROM entry_order WHERE name = '#{table}' AND " \
            "id = #{table}.id) WHERE seq IS NULL"
        end
        [
          "CREATE TEMP TABLE entry_order AS SELECT name, id, ROW_NUMBER() OVER (PARTITION BY " \
          "visit_id ORDER BY at, rank, nth) AS seq FROM (#{all.join(" UNION ALL ")})",
          "CREATE INDEX temp.entry_order_id ON entry_order (name, id)",
          *numbered,
          "DROP TABLE entry_order"
        ].join("; ")
      end

      def count
        most = TABLES.map { |table| "(SELECT MAX(seq) FROM #{table} WHERE visit_id = visits.id)" }
        "UPDATE visits SET entries = MAX(#{most.map { |one| "COALESCE(#{one}, 0)" }.join(", ")})"
      end
    end
  end
end
