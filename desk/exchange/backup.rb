# frozen_string_literal: true

require "digest"
require "fileutils"
require "sqlite3"
require "tmpdir"

module Munimen
  module Desk
    # A backup of everything while people go on working, and the way back. One zip: the database
    # as one file, the files that it names, and a list with the SHA-256 of each.
    class Backup
      FORMAT = "munimen-backup"
      VERSION = 1
      ROOMS = %w[photos reports logs].freeze
      NAMES =
        %r{\A(manifest\.json|munimen\.sqlite3|
              (?:photos|reports|logs)/[0-9a-f]{2}/[0-9a-f]{64}(?:\.csv\.gz)?)\z}x
      MANIFEST = 200_000_000 # bytes
      TRIES = 100            # at a live file that is being written to

      # records: Store::Records; folder: the data folder.
      def initialize(records, folder)
        @records = records
        @folder = folder
      end

      # Writes a backup to a path (it appears there when it is whole; encrypted ones end in .age);
      # returns {path:, bytes:, files:}.
      def write(path)
        Dir.mktmpdir("munimen-backup", @folder) do |work|
          database = File.join(work, "munimen.sqlite3")
          @records.database.run("VACUUM INTO #{@records.database.literal(database)}")
          files = [["munimen.sqlite3", database]] + stored
          manifest = {
            format: FORMAT,
            version: VERSION,
            files: files.to_h { |name, file| [name, Digest::SHA256.file(file).hexdigest] }
          }
          path = passphrase.write(path) do |partial|
            Formats::ZipArchive.write(
              partial,
              [["manifest.json", JSON.generate(manifest)]] +
                files.map { |name, file| [name, { path: file }] }
            )
          end
          { path:, bytes: File.size(path), files: files.size }
        end
      end

      # The nightly one: into backups/ of the data folder, and to the backup place where there is
      # one; the last `keep` are kept. Returns its path.
      def nightly(now, keep: 14)
        path = kept("munimen-#{now.strftime("%Y%m%d")}.zip")
        there = Dir["#{path}{,#{Passphrase::ENDING}}"].first || write(path)[:path]
        all = Dir[kept("munimen-*.zip")] + Dir[kept("munimen-*.zip#{Passphrase::ENDING}")]
        all.sort[0...-keep].each { |old| File.delete(old) }
        BackupPlace.new(@records, @folder).take(there, keep:)
        there
      end

      # Puts a backup in the place of what is there, while the server runs: all of it or nothing;
      # what is there is backed up first. Raises Error on a file that is not whole. One whose chain
      # of seals is broken is refused, unless that is known (`even_broken`): then it is restored,
      # and marked so. given: the passphrase of an encrypted one, where it is not that of now. What
      # was ended since stays ended: returned as Store::EndedSince has it.
      def restore(path, even_broken: false, given: nil)
        Dir.mktmpdir("munimen-restore", @folder) do |work|
          unpack(passphrase.open(path, work, given), work)
          staged, ended = stage(work, even_broken)
          write(kept("before-restore-#{Time.now.strftime("%Y%m%d-%H%M%S")}.zip"))
          FileUtils.cp_r(
            ROOMS.map { |room| File.join(work, room) }.select { |room| Dir.exist?(room) },
            @folder
          )
          put_in_place(staged)
          @records.forget
          ended
        end
      end

      private

      def passphrase = @passphrase ||= Passphrase.new(@records)

      # Path of a name in backups/.
      def kept(name)
        File
          .join(@folder, "backups")
          .tap { |folder| FileUtils.mkdir_p(folder, mode: 0o700) }
          .then { |folder| File.join(folder, name) }
      end

      def stored
        files = ROOMS.flat_map { |room| Dir[File.join(@folder, room, "??", "*")] }
        named = files.map { |file| [file.delete_prefix("#{@folder}/"), file] }
        named.select { |name, _| NAMES.match?(name) }
      end

      def unpack(path, work)
        Formats::ZipArchive.read(path, allowed: NAMES) do |entries|
          manifest = manifest(entries)
          unless manifest["files"].keys.sort == (entries.keys - ["manifest.json"]).sort
            raise Error.new("Files are missing in this backup.", field: :file, code: :incomplete)
          end

          manifest["files"].each do |name, hash|
            target = File.join(work, name)
            FileUtils.mkdir_p(File.dirname(target))
            Formats::ZipArchive.unfold(entries.fetch(name), target)
            unless Digest::SHA256.file(target).hexdigest == hash
              raise Error.new(Message.of("“{name}” is not what was backed up.",
                                         name:), field: :file, code: :damaged)
            end
          end
        end
      end

      def manifest(entries)
        entry =
          entries["manifest.json"] ||
          raise(
            Error.new(
              "This is not a backup: it has no manifest.",
              field: :file,
              code: :not_backup
            )
          )
        manifest = JSON.parse(Formats::ZipArchive.bytes(entry, most: MANIFEST))
        good =
          manifest.is_a?(Hash) && manifest["format"] == FORMAT && manifest["files"].is_a?(Hash) &&
          manifest["files"].key?("munimen.sqlite3")
        unless good
          raise Error.new("This is not a backup of Munimen.", field: :file, code: :not_backup)
        end
        return manifest if manifest["version"].to_i.between?(1, VERSION)

        raise Error.new(
          Message.of("This backup is of version {version}; this program reads 1 to {latest}.",
                     version: manifest["version"], latest: VERSION),
          field: :file,
          code: :too_new
        )
      rescue JSON::ParserError
        raise Error.new(
          "This is not a backup: its manifest is not JSON.",
          field: :file,
          code: :not_backup
        )
      end

      # Opens the database of a backup, brings its tables up to date, and looks whether it is
      # whole. Returns its path, and what of it was ended since.
      def stage(work, even_broken)
        path = File.join(work, "munimen.sqlite3")
        database = Store::Database.open(path)
        unless sound?(database)
          raise Error.new("The database in this backup is damaged.", field: :file, code: :damaged)
        end

        staged = Store::Records.new(database, folder: work)
        problems = staged.seals.problems(staged.photo_files)
        broken!(problems, even_broken, staged) if problems.any?
        ended = Store::EndedSince.new(@records, staged).carry

        database.run("PRAGMA wal_checkpoint(TRUNCATE)")
        [path, ended]
      rescue Store::Damaged
        raise Error.new("The database in this backup is damaged.", field: :file, code: :damaged)
      ensure
        database&.disconnect
      end

      # Not taken for whole: refused, or marked.
      def broken!(problems, even_broken, staged)
        unless even_broken
          raise Refused.new(
            Message.of("The chain of seals in this backup is broken: {problems} It can be " \
                       "restored all the same, marked as broken.",
                       problems: problems.first),
            field: :file,
            code: :broken_chain,
            details: {
              problems: problems.first(20)
            }
          )
        end

        staged.settings[:restored_broken] = { "at" => Time.now.utc.iso8601, "problems" => problems }
      end

      def sound?(database) = database.fetch("PRAGMA integrity_check").first.values == ["ok"]

      # SQLite's own online backup, into the live file: readers see the old until the new is whole.
      def put_in_place(staged)
        from = SQLite3::Database.new(staged, readonly: true)
        to = SQLite3::Database.new(File.join(@folder, "munimen.sqlite3"))
        to.busy_timeout = 10_000
        copy = SQLite3::Backup.new(to, "main", from, "main")
        whole = TRIES.times.any? do
          copy.step(-1) == SQLite3::Constants::ErrorCode::DONE || (sleep(0.1) && false)
        end
        copy.finish
        unless whole
          raise Refused.new(
            "The database is in use without a pause; nothing was restored. Try again in a " \
            "moment.",
            code: :busy
          )
        end
      ensure
        [from, to].compact.each(&:close)
      end
    end
  end
end
