# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # Everything in one file, out and in; whether what was signed is whole.
      class Backups < Resource
        LEFT = 6 * 3600 # s after which a download that was broken off is cleared away

        raw(:backup) do
          made("backup") { |path| Desk::Backup.new(records, config.folder).write(path)[:path] }
        end
        raw(:bundle) do
          made("bundle") { |path| Desk::Bundle.new(records, config.folder).write(path) }
        end
        on(:restore) { { ended: restored, **seals } }
        on(:setBackup) do
          Desk::Passphrase.new(records).set(sent[:passphrase]) if sent.key?(:passphrase)
          place.set(sent[:place]) if sent.key?(:place)
          seals
        end
        on(:seals) { seals }
        on(:repairSeals) do
          Desk::RepairSeals.new(desk).call
          seals
        end

        private

        def place = Desk::BackupPlace.new(records, config.folder)

        # A file that is made whole, at a path that the block gets and may lengthen, before a byte
        # is sent.
        def made(what)
          clear_left_overs
          path = File.join(config.folder, "download-#{SecureRandom.hex(8)}.zip")
          path = yield path
          ending = path[/\.zip.*/]
          name = "munimen-#{what}-#{Time.now.strftime("%Y%m%d-%H%M")}#{ending}"
          type = ending == ".zip" ? "application/zip" : "application/octet-stream"
          file type, TemporaryFileBody.new(path), name
        end

        def clear_left_overs
          Dir[File.join(config.folder, "download-*")].each do |left|
            File.delete(left) if File.mtime(left) < Time.now - LEFT
          end
        end

        # What stays ended that the backup did not know of (Store::EndedSince).
        def restored
          Tempfile.create("restore", binmode: true) do |file|
            IO.copy_stream(request.body.tap(&:rewind), file)
            file.flush
            Desk::Backup.new(records, config.folder).restore(
              file.path,
              even_broken: params["even_broken"] == "true",
              given: env["HTTP_X_PASSPHRASE"]
            )
          end
        end

        def seals
          {
            size: records.seals.size,
            head: records.seals.head,
            before: records.seals.before,
            problems: records.seals.problems(records.photo_files),
            encrypted: Desk::Passphrase.new(records).set?,
            place: place.path
          }
        end
      end
    end
  end
end
