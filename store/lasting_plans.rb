# frozen_string_literal: true

require "digest"
require "sqlite3"

module Munimen
  module Store
    # Plans that have been found, by the key of their problem, for after a restart: a file of its
    # own beside the database, which may be lost at any time, is in no backup, and makes nobody
    # wait. Only plans of the same rules count: another version of core/ finds none. Whatever goes
    # wrong with the file, there is no plan in it.
    class LastingPlans
      MOST = 20_000 # plans, of about 1 kB each
      TRIM = 500 # how often it is looked whether there are more

      # What the rules are, in one text: the files of core/ by their content.
      def self.rules
        @rules ||= begin
          files = Dir[File.join(ROOT, "core/**/*.{rb,json}")]
          Digest::SHA256.hexdigest(files.sort.map { |file| File.read(file) }.join)
        end
      end

      # path: of the file, made where there is none. rules: what they are.
      def initialize(path, rules: self.class.rules)
        @path = path
        @rules = rules
        @lock = Mutex.new
        @written = 0
      end

      # The text kept for a key, or nil.
      def [](key)
        asked("SELECT text FROM plans WHERE key = ? AND rules = ?", key, @rules)&.first&.first
      end

      def []=(key, text)
        asked("INSERT OR REPLACE INTO plans VALUES (?, ?, ?)", key, @rules, text)
        trim if ((@written += 1) % TRIM).zero?
      end

      def close = @lock.synchronize { @database&.close && @database = nil }

      private

      def asked(sql, *values)
        @lock.synchronize { database.execute(sql, values) }
      rescue SQLite3::Exception
        nil
      end

      # What was kept first goes, and what other rules have made.
      def trim
        asked("DELETE FROM plans WHERE rules <> ? OR rowid <= " \
              "(SELECT max(rowid) FROM plans) - #{MOST}", @rules)
      end

      def database
        @database ||= SQLite3::Database.new(@path).tap do |opened|
          opened.busy_handler_timeout = 200
          opened.execute("PRAGMA journal_mode = WAL")
          opened.execute("PRAGMA synchronous = OFF")
          opened.execute(<<~SQL)
            CREATE TABLE IF NOT EXISTS plans (
              key TEXT NOT NULL, rules TEXT NOT NULL, text TEXT NOT NULL, PRIMARY KEY (key, rules)
            ) STRICT
          SQL
        end
      end
    end
  end
end
