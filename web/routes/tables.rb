# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # Tables as CSV, out and in.
      class Tables < Resource
        raw(:exportTable) { file "text/csv", tables.export(table), "#{table}.csv" }
        on(:previewTable) { tables(mapping:).preview(table, text) }
        on(:importTable) { tables(mapping:).import(table, text) }
        on(:startTableImport) { started }
        on(:tableImport) { told }
        on(:stopImport) do
          config.imports.stop(id, person[:id]) or none!
          { id: }
        end

        private

        def table = params["table"]
        def tables(**more) = Desk::Tables.new(desk, **more)

        # Looked at, or taken over, in a thread of its own, while the screen asks how far it is.
        def started
          Desk::TableKinds.find(table, desk)
          given = [desk, mapping, table, text]
          wanted = params["what"] == "import" ? :import : :preview
          config.imports.start(id, person[:id]) do |progress|
            desk, mapping, table, text = given
            Desk::Tables.new(desk, mapping:, progress:).public_send(wanted, table, text)
          end
          { id: }
        end

        def told
          import = config.imports.find(id, person[:id]) or none!
          problem = import.error && JSON.parse(Desk::Problem.of(import.error).last)
          { share: import.done ? 1.0 : import.share, problem:, fates: import.result }
        end

        def none! = raise(NotFound.new("There is no such import.", field: :import))
        def text = request.body.tap(&:rewind).read(Formats::CsvTable::LARGEST + 1).to_s

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
