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
            json(Desk::Tables.new(desk).preview(params["table"], table_text))
          end
          app.post("/api/tables/:table") do
            json(Desk::Tables.new(desk).import(params["table"], table_text))
          end
        end

        # What its routes share.
        module Helpers
          def table_text = request.body.tap(&:rewind).read(Formats::SafeCsv::LARGEST + 1).to_s
        end
      end
    end
  end
end
