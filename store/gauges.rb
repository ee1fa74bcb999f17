# frozen_string_literal: true

module Munimen
  module Store
    # What whoever watches over an installation wants to read off it, without personal data.
    class Gauges
      # folder: of the data, or nil.
      def initialize(database, folder)
        @database = database
        @folder = folder
      end

      # Whether it answers and the disk takes a write; raises what stands in the way.
      def answers!
        @database.get(1)
        return unless @folder

        probe = File.join(@folder, "health.probe")
        File.write(probe, Time.now.to_i.to_s)
        File.delete(probe)
      end

      # {name => number, or {label => number}}; a backup's age is nil where there is none.
      def read
        {
          database_bytes: size(""),
          database_wal_bytes: size("-wal"),
          visits: @database[:visits].group_and_count(:status).to_hash(:status, :count),
          mails_waiting: @database[:messages].where(sent_at: nil).count,
          seals: @database[:seals].count,
          backup_age_seconds: backup_age
        }
      end

      private

      def size(suffix)
        path = @folder && File.join(@folder, "munimen.sqlite3#{suffix}")
        path && File.exist?(path) ? File.size(path) : 0
      end

      def backup_age
        files = @folder ? Dir[File.join(@folder, "backups/*.{zip,age}")] : []
        latest = files.map { |one| File.mtime(one) }.max
        latest && (Time.now - latest).round
      end
    end
  end
end
