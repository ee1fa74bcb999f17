# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # Tables as CSV, out and in.
      module Tables
        def self.registered(app)
          app.helpers Helpers
          app.get("/api/tables/:table/export.csv", fresh: true) do
            table = params["table"]
            file "text/csv", Desk::Tables.new(desk).export(table), "#{table}.csv"
          end
          app.post("/api/tables/:table/preview") do
            json(Desk::Tables.new(desk, mapping:).preview(params["table"], table_text))
          end
          app.post("/api/tables/:table") do
            json(Desk::Tables.new(desk, mapping:).import(params["table"], table_text))
          end
          app.post("/api/tables/:table/imports/:id") { json(import_started) }
          app.get("/api/table-imports/:id") { json(import_told) }
          app.post("/api/imports/:id/stop") do
            config.imports.stop(id, person[:id]) or
              raise NotFound.new("There is no such import.", field: :import)
            json(id:)
          end
        end

        # What its routes share.
        module Helpers
          # Looked at, or taken over, in a thread of its own, while the screen asks how far it is.
          def import_started
            desk.may!(:tables)
            Desk::TableKinds.find(params["table"], desk)
            table = params["table"]
            text = table_text
            given = [desk, { mapping: }]
            wanted = params["what"] == "import" ? :import : :preview
            config.imports.start(id, person[:id]) do |share|
              Desk::Tables.new(given.first, **given.last, progress: share)
                          .public_send(wanted, table, text)
            end
            { id: }
          end

          def import_told
            import = config.imports.find(id, person[:id]) or
              raise NotFound.new("There is no such import.", field: :import)
            problem = import.error && JSON.parse(Desk::Problem.of(import.error).last)
            { share: import.done ? 1.0 : import.share, problem:, fates: import.result }
          end

          def table_text = request.body.tap(&:rewind).read(Formats::CsvTable::LARGEST + 1).to_s

          # Which column of the file is which of ours, where a person has said so: a JSON object.
          def mapping
            given = JSON.parse(params["columns"] || "{}")
            return given if given.is_a?(Hash) && given.values.all?(String)

            raise JSON::ParserError
          rescue JSON::ParserError
            raise Error.new("columns must be a JSON object such as {\"Full name\": \"name\"}.",
                            field: :columns, code: :invalid)
          end
        end
      end
    end
  end
end
