# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # A visit on paper and as a file, and what is added after it was signed.
      module Reports
        def self.registered(app)
          app.helpers Helpers
          app.get("/api/visits/:id/report.pdf") do
            bytes = Desk::ReportPage.new(desk).pdf(id, language: params["language"] || "en",
                                                       photos: params["photos"] == "true")
            file "application/pdf", bytes, "report.pdf"
          end
          app.get("/api/visits/:id/visit.json") { file "application/json", open_file, "visit.json" }
          app.get("/api/visits/:id/tag.pdf") { file "application/pdf", service_tag, "tag.pdf" }
        end

        # What its routes share.
        module Helpers
          def open_file
            visit = desk.records.visits.load(id, now: desk.now)
            JSON.pretty_generate(Visit::Format.write(visit))
          end

          def service_tag
            heater = desk.records.visits.find(id)[:heater_id]
            Formats::TagPdf.new(
              Desk::ReportPage.new(desk).call(id),
              "#{base}/heaters/#{heater}"
            ).render
          end
        end
      end
    end
  end
end
