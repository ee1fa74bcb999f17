# frozen_string_literal: true

require "sqlite3"

module Munimen
  module Store
    # One SQL statement, prepared once for each of a database's connections and run with nothing in between: for the few that somebody
    # waits for at every reading. The text is Sequel's (`dataset.sql`), values are bound by name.
    #
    #   Prepared.new(database, "SELECT name FROM accounts WHERE id = :id").all(id: 1) # => [{name: "Sam Reed"}]
    class Prepared
      # database: Sequel::Database.
      def initialize(database, sql)
        @database = database
        @sql = sql
        @of_connection = {}.compare_by_identity
      end

      # All rows, as Hashes with Symbol keys. Raises SQLite3::Exception.
      def all(**values)
        run(values) do |statement|
          names = statement.columns.map(&:to_sym)
          statement.to_a.map { |row| names.zip(row).to_h }
        end
      end

      # Runs a statement that gives no rows.
      def execute(**values) = run(values, &:step)

      private

      # It is reset in any case: a statement left open at a row would hold its connection to what was true then.
      def run(values)
        @database.synchronize do |connection|
          statement = @of_connection[connection] ||= connection.prepare(@sql)
          statement.bind_params(values)
          yield statement
        ensure
          statement&.reset!
        end
      end
    end
  end
end
