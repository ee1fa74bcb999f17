# frozen_string_literal: true

require "tempfile"

module Munimen
  module Web
    module Routes
      # Data out and in: tables as CSV, backup and restore.
      module Data
        BACKUP = 4_000_000_000 # bytes
        LEFT = 6 * 3600        # s after which a download that was broken off is cleared away

        def self.registered(app)
          app.helpers Helpers
          tables(app)
          app.get("/api/backup.zip") { made("backup") { |path| Desk::Backup.new(records, config.folder).write(path) } }
          app.get("/api/bundle.zip") { made("bundle") { |path| Desk::Bundle.new(records, config.folder).write(path) } }
          app.post("/api/restore") { json(restored) }
          app.get("/api/seals") { json(seals) }
        end

        def self.tables(app)
          app.get("/api/tables/:table/export.csv") { file "text/csv", Desk::Tables.new(desk).export(params["table"]), "#{params['table']}.csv" }
          app.post("/api/tables/:table/preview") { json(Desk::Tables.new(desk).preview(params["table"], table_text)) }
          app.post("/api/tables/:table") { json(Desk::Tables.new(desk).import(params["table"], table_text)) }
        end

        # What its routes share.
        module Helpers
          def table_text = request.body.tap(&:rewind).read(Formats::SafeCsv::LARGEST + 1).to_s

          def owner_only = desk.tap { |one| one.allow!(:owner) }

          # A file that is made whole, at a path that the block gets, before a byte is sent.
          def made(what)
            owner_only
            Dir[File.join(config.folder, "download-*")].each { |left| File.delete(left) if File.mtime(left) < Time.now - LEFT }
            path = File.join(config.folder, "download-#{SecureRandom.hex(8)}.zip")
            yield path
            file "application/zip", SentOnce.new(path), "munimen-#{what}-#{Time.now.strftime('%Y%m%d-%H%M')}.zip"
          end

          def restored
            owner_only
            raise Error.new("The file is larger than #{BACKUP / 1_000_000_000} GB.", field: :file, code: :too_long) if request.content_length.to_i > BACKUP

            Tempfile.create("restore", binmode: true) do |file|
              IO.copy_stream(request.body.tap(&:rewind), file)
              file.flush
              Desk::Backup.new(records, config.folder).restore(file.path)
            end
            seals
          end

          def seals
            owner_only
            { size: records.seals.size, head: records.seals.head, problems: records.seals.problems(records.photo_files) }
          end
        end
      end
    end
  end
end
