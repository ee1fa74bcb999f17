# frozen_string_literal: true

require "sqlite3"

module Munimen
  module Store
    # Tells when something was written in a visit, whoever wrote it and from which process: a
    # number that changes with every write. Has a connection of its own.
    class Watch
      def initialize(path)
        @database = SQLite3::Database.new(path, readonly: true)
        @database.busy_timeout = 2000
      end

      # Changes whenever another connection has written anything.
      def version = @database.get_first_value("PRAGMA data_version")

      # The visit's version, which grows with all that is written in it; nil when there is no such
      # visit.
      def mark(visit_id)
        @database.get_first_value("SELECT version FROM visits WHERE id = ?", [visit_id])
      end

      # Whether a session of an account still runs.
      def session?(account, hash)
        sql = "SELECT 1 FROM account_active_session_keys WHERE account_id = ? AND session_id = ?"
        !@database.get_first_value(sql, [account, hash]).nil?
      end

      def close = @database.close
    end
  end
end
