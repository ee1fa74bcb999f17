# frozen_string_literal: true

require "tempfile"

module Munimen
  module Web
    module Routes
      # Everything in one file, out and in; whether what was signed is whole.
      module Backups
        LARGEST = 4_000_000_000 # bytes
        LEFT = 6 * 3600         # s after which a download that was broken off is cleared away

        def self.registered(app)
          app.helpers Helpers
          app.get("/api/backup.zip", fresh: true) do
            made("backup") { |path| Desk::Backup.new(records, config.folder).write(path)[:path] }
          end
          app.get("/api/bundle.zip", fresh: true) do
            made("bundle") { |path| Desk::Bundle.new(records, config.folder).write(path) }
          end
          app.post("/api/restore", fresh: true) { json({ ended: restored, **seals }) }
          app.put("/api/settings/backup", fresh: true) do
            owner_only
            Desk::Passphrase.new(records).set(sent[:passphrase]) if sent.key?(:passphrase)
            backup_place.set(sent[:place]) if sent.key?(:place)
            json(seals)
          end
          app.get("/api/seals") { json(seals) }
          app.post("/api/seals/repair", fresh: true) do
            owner_only
            Desk::RepairSeals.new(desk).call
            json(seals)
          end
        end

        # What its routes share.
        module Helpers
          def backup_place = Desk::BackupPlace.new(records, config.folder)
          def owner_only = desk.tap { |one| one.may!(:backup) }

          # A file that is made whole, at a path that the block gets and may lengthen, before a byte
          # is sent.
          def made(what)
            owner_only
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
            owner_only
            too_large!(LARGEST, :file) if request.content_length.to_i > LARGEST
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

          def too_large!(most, field)
            size = most >= 10**9 ? "#{most / (10**9)} GB" : "#{most / (10**6)} MB"
            raise Error.new("The file is larger than #{size}.", field:, code: :too_long)
          end

          def seals
            owner_only
            {
              size: records.seals.size,
              head: records.seals.head,
              before: records.seals.before,
              problems: records.seals.problems(records.photo_files),
              encrypted: Desk::Passphrase.new(records).set?,
              place: backup_place.path
            }
          end
        end
      end
    end
  end
end
