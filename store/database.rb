# frozen_string_literal: true

require "sequel"
require "sequel/extensions/migration"

module Munimen
  module Store
    # Opens the SQLite database: WAL, foreign keys, a busy timeout; brings its tables up to date.
    module Database
      WAIT = 5000 # ms for the lock of another
      MIGRATIONS = File.join(ROOT, "store/migrations")

      module_function

      # Sequel::Database for a file (created when missing). Raises Error with one line that says
      # what to do: damaged, too_new, read_only.
      def open(path)
        connected(path)
      rescue Sequel::DatabaseError => e
        raise unusable(path, e.wrapped_exception || e)
      end

      def not_newer!(database, path)
        latest = Dir.children(MIGRATIONS).map(&:to_i).max
        return unless database.table_exists?(:schema_info)
        return if database[:schema_info].get(:version) <= latest

        raise Error.new(
          Message.of("{path} is of a newer version of this program: start that one.", path:),
          code: :too_new
        )
      end

      # Whether SQLite itself finds the file whole.
      def whole?(database)
        database.fetch("PRAGMA quick_check").first.values == ["ok"]
      rescue Sequel::DatabaseError
        false
      end

      # Raises Error (damaged) where it does not.
      def whole!(database, path) = whole?(database) || raise(damaged(path))

      def damaged(path)
        Error.new(
          Message.of("{path} is damaged. Put a backup in its place: bin/munimen restore FILE; " \
                     "what is there is set aside.",
                     path:),
          code: :damaged
        )
      end

      def unusable(path, error)
        case error
        when SQLite3::NotADatabaseException, SQLite3::CorruptException then damaged(path)
        when SQLite3::ReadOnlyException, SQLite3::CantOpenException
          Error.new(
            Message.of("{path} cannot be written to: look at the folder's owner and its " \
                       "permissions.",
                       path:),
            code: :read_only
          )
        else error
        end
      end

      def connected(path)
        database = Sequel.connect(
          adapter: "sqlite",
          database: path,
          timeout: 0,
          max_connections: 8,
          foreign_keys: true,
          after_connect: method(:tune)
        )
        database.extend(Translated)
        not_newer!(database, path)
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
