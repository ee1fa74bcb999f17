# frozen_string_literal: true

require "sqlite3"

module Munimen
  module Store
    # Tells when something was written in a visit, whoever wrote it and from which process: a number that
    # changes with every write. Has a connection of its own.
    class Watch
      TABLES = %i[readings observations steps decisions notes signatures photos].freeze

      def initialize(path)
        @database = SQLite3::Database.new(path, readonly: true)
        @database.busy_timeout = 2000
      end

      # Changes whenever another connection has written anything.
      def version = @database.get_first_value("PRAGMA data_version")

      # A mark of all that is written in a visit, and the account that wrote last.
      def mark(visit_id)
        counts = TABLES.map { |table| "(SELECT count(*) FROM #{table} WHERE visit_id = :id)" }.join(" || '.' || ")
        row = @database.get_first_row("SELECT #{counts} || status || jobs || house_rules FROM visits WHERE id = :id", id: visit_id)
        row&.first
      end

      def close = @database.close
    end
  end
end
