# frozen_string_literal: true

require "securerandom"
require "fileutils"

module Munimen
  module Web
    # Where the application keeps things: a data folder, made on first start with its own secret.
    class Config
      attr_reader :folder

      # folder: data folder. demo: accounts shown on the sign-in page, or nil.
      def initialize(folder, demo: nil)
        @folder = folder
        @demo = demo
        FileUtils.mkdir_p(folder, mode: 0o700)
      end

      # What a backup, a restore or an import that was killed has left behind.
      LEFT_OVERS = %w[
        munimen-{restore,import,backup,bundle}* download-*.zip* backups/*.part *.part work/*
      ].freeze

      # Takes the folder for this process alone, and closes it to everybody else on the machine,
      # whatever it was before. What is written for the time being lies in it too (work/): a copy of
      # the database is nobody's business in the system's own folder, and is cleared at the start.
      def take!
        Store::FolderLock.take(folder)
        File.umask(0o077)
        FileUtils.rm_rf(LEFT_OVERS.flat_map { |name| Dir[File.join(folder, name)] })
        FileUtils.mkdir_p(work = File.join(File.expand_path(folder), "work"), mode: 0o700)
        ENV["TMPDIR"] = ENV["SQLITE_TMPDIR"] = work
        ([folder] + Dir[File.join(folder, "**/*")]).each do |path|
          File.chmod(File.directory?(path) ? 0o700 : 0o600, path)
        rescue SystemCallError
          nil # it is somebody else's, or gone meanwhile
        end
      end

      def self.from_environment = new(ENV.fetch("MUNIMEN_DATA", File.join(ROOT, "data")))

      def database_path = File.join(folder, "munimen.sqlite3")

      # An import of a large file that was killed may have left words of the search to be written
      # down.
      def records
        @records ||= Store::Records.new(Store::Database.open(database_path), folder:)
                                   .tap { |records| records.customers.index_waiting }
      end

      # Moves a database that is damaged out of the way, files and all, where there is one; the path
      # that it is kept at, or nil. Then `records` begins empty.
      def set_aside_damaged
        return if File.exist?(database_path) && Store::Database.whole?(records.database)

        away
      rescue Munimen::Error => e
        raise unless e.code == :damaged

        away
      end

      def imports = @imports ||= Desk::RunningImports.new(breathe: -> { InFlight.let_pass })

      def training_runs
        @training_runs ||= Desk::TrainingRuns.new(Store::TrainingFiles.new(File.join(folder,
"training")))
      end

      # Which Ruby a browser gets from here: another name is another version; "" where none is.
      def program
        @program ||= JSON.parse(File.read(File.join(ROOT, "web/public/offline/offline.json")))
                         .fetch("image")
      rescue Errno::ENOENT, JSON::ParserError, KeyError
        @program = ""
      end

      # What a person works with: the firm's records, or, where `id` is of a training run, that run.
      # sent: Desk::Sent, what its device says of what it sends, or nil.
      def desk_for(person, id = nil, sent: nil)
        firm = Desk::Context.new(records, person:, sent:, training_runs:)
        return firm unless Desk::TrainingRun.token(id)

        training_runs.find(id, person, clock: -> { firm.now }).context(person)
      end

      # 64 random bytes kept beside the database, readable by the owner only.
      def secret
        @secret ||= begin
          path = File.join(folder, "session.secret")
          File.write(path, SecureRandom.hex(64), perm: 0o600) unless File.exist?(path)
          File.read(path).strip
        end
      end

      # What opens the first page of an installation that has no account yet (Desk::BeginFirm).
      def begin_code
        @begin_code ||= begin
          path = File.join(folder, "begin.code")
          File.write(path, SecureRandom.urlsafe_base64(18), perm: 0o600) unless File.exist?(path)
          File.read(path).strip
        end
      end

      # The secret before this one, whose sessions are still good; nil when there is none. To change
      # it: move session.secret to session.secret.old and start again.
      def old_secret
        path = File.join(folder, "session.secret.old")
        File.read(path).strip if File.exist?(path)
      end

      # Demo accounts with their passwords, only ever for demo data.
      def demo_accounts
        path = File.join(folder, "demo-accounts.json")
        @demo_accounts ||=
          File.exist?(path) ? JSON.parse(File.read(path), symbolize_names: true) : []
      end

      def away
        files = Dir["#{database_path}*"]
        return if files.empty?

        @records&.database&.disconnect
        @records = nil
        place = File.join(folder, "damaged-#{Time.now.strftime("%Y%m%d-%H%M%S")}")
        FileUtils.mkdir_p(place, mode: 0o700)
        FileUtils.mv(files, place)
        place
      end
      private :away

      # The hosts under which people reach it, where the operator names them (MUNIMEN_HOSTS, with
      # commas); none: any.
      def hosts = ENV.fetch("MUNIMEN_HOSTS", "").split(",").map(&:strip)

      def secure_cookies? = ENV["MUNIMEN_HTTPS"] == "1"
    end
  end
end
