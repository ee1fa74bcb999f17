# frozen_string_literal: true

require "sequel"

module Munimen
  module Store
    # Opens the SQLite database: WAL, foreign keys, a busy timeout; brings its tables up to date.
    module Database
      WAIT = 5000 # ms for the lock of another
      MIGRATIONS = File.join(ROOT, "store/migrations")

      module_function

      # Sequel::Database for a file (created when missing).
      def open(path)
        database = Sequel.connect(
          adapter: "sqlite",
          database: path,
          timeout: 0,
          max_connections: 8,
          foreign_keys: true,
          after_connect: method(:tune)
        )
        database.extend(Translated)
        Sequel.extension :migration
        Sequel::Migrator.run(database, MIGRATIONS)
        database
      end

      # A prepared statement that is asked for its first row only stays open at it, and holds its
      # connection to what was true then: prepare(:select) and take the first. A test keeps to
      # that.
      #
      # Acknowledged writes survive a crash of the machine: synchronous is FULL.
      # Who waits for the lock of another lets Ruby go on meanwhile: busy_handler_timeout, not the
      # driver's own timeout, which holds every thread.
      def tune(connection)
        connection.busy_handler_timeout = WAIT
        connection.execute("PRAGMA journal_mode = WAL")
        connection.execute("PRAGMA synchronous = FULL")
      end
    end
  end
end
