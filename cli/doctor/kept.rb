# frozen_string_literal: true

require "open3"

module Munimen
  module Cli
    class Doctor
      # What is kept in the data folder: read without a lock, and without being brought up to date.
      class Kept
        include Words

        OLD = 2 * 86_400 # s after which a backup is an old one
        OWNERS = "SELECT count(*) FROM accounts WHERE role = 'owner' AND status_id = " \
                 "#{Store::People::OPEN}".freeze

        def initialize(folder) = @folder = folder

        def findings
          return [] unless File.directory?(@folder)
          return [] unless File.writable?(@folder) # Room says so
          return [none] unless File.exist?(file)

          [version, owner, seals, backups, secret].compact
        rescue SQLite3::Exception => e
          [wrong("The database is damaged (#{e.message}).",
                 "bin/munimen restore FILE, with the latest of #{path("backups")}; what is " \
                 "there is set aside.")]
        end

        private

        def path(name) = File.join(@folder, name)
        def file = path("munimen.sqlite3")
        def none = watch("There is no database yet.", "Start once: bin/munimen serve.")
        def asked(sql) = Doctor.asked(file, sql)

        def version
          said = asked("PRAGMA quick_check").first
          raise SQLite3::CorruptException, said unless said == "ok"

          latest = Dir.children(Store::Database::MIGRATIONS).map(&:to_i).max
          now = asked("SELECT version FROM schema_info").first
          return well("The database is whole and of this version.") if now == latest
          return newer if now > latest

          watch("The database is of an earlier version.",
                "bin/munimen backup, then start: it is brought up to date.")
        end

        def newer
          wrong("The database is of a newer version.",
                "Start the newer program; the way back is a backup from before.")
        end

        def owner
          return well("There is an owner.") if asked(OWNERS).first.positive?

          wrong("Nobody can sign in as owner.",
                "Begin in the browser at the address that serve prints, or bin/munimen owner " \
                "EMAIL NAME.")
        end

        def seals
          said, status = Open3.capture2e({ "MUNIMEN_DATA" => @folder },
                                         File.join(ROOT, "bin/munimen"), "verify")
          told = said.lines.last.to_s.strip
          return well("What was signed: #{told}") if status.success?

          wrong("What was signed: #{told}",
                "bin/munimen verify names it; --repair mends what can be mended.")
        end

        def backups
          mend = "MUNIMEN_NIGHTLY=1 for the server, and a copy to another machine each day."
          latest = Dir[path("backups/*.{zip,age}")].map { |one| File.mtime(one) }.max
          return watch("There is no backup.", mend) unless latest

          age = Time.now - latest
          return watch("The latest backup is #{(age / 86_400).floor} days old.", mend) if age > OLD

          well("The latest backup is of #{latest.strftime("%F %R")}.")
        end

        def secret
          return if File.exist?(path("session.secret")) && File.size(path("session.secret")) >= 64

          wrong("session.secret is missing or too short.",
                "Delete it and start again: a new one is made, and everybody signs in anew.")
        end
      end
    end
  end
end
