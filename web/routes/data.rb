# frozen_string_literal: true

require "tempfile"

module Munimen
  module Web
    module Routes
      # Data out and in: tables as CSV, backup and restore.
      module Data
        BACKUP = 4_000_000_000 # bytes

        def self.registered(app)
          app.helpers Helpers
          app.get("/api/tables/:table/export.csv") { file "text/csv", Desk::Tables.new(desk).export(params["table"]), "#{params['table']}.csv" }
          app.post("/api/tables/:table/preview") { json(Desk::Tables.new(desk).preview(params["table"], table_text)) }
          app.post("/api/tables/:table") { json(Desk::Tables.new(desk).import(params["table"], table_text)) }
          app.get("/api/backup.zip") { backup }
          app.post("/api/restore") { json(restored) }
          app.get("/api/seals") { json(seals) }
        end

        # What its routes share.
        module Helpers
          def table_text = request.body.tap(&:rewind).read(Formats::SafeCsv::LARGEST + 1).to_s

          def owner_only = desk.tap { |one| one.allow!(:owner) }

          # The whole backup is made before a byte is sent.
          def backup
            owner_only
            path = File.join(config.folder, "download-#{SecureRandom.hex(8)}.zip")
            Desk::Backup.new(records, config.folder).write(path)
            file "application/zip", File.open(path, "rb").tap { File.delete(path) }, "munimen-#{Time.now.strftime('%Y%m%d-%H%M')}.zip"
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
