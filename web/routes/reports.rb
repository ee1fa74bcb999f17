# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # A visit on paper and as a file.
      class Reports < Resource
        raw(:reportPdf) do
          bytes = page.pdf(id, language: params["language"] || "en",
                               photos: params["photos"] == "true")
          file "application/pdf", bytes, "report.pdf"
        end
        raw(:visitFile) do
          visit = desk.records.visits.load(id, now: desk.now)
          file "application/json", JSON.pretty_generate(Visit::Format.write(visit)), "visit.json"
        end
        raw(:tagPdf) do
          address = "#{base}/heaters/#{desk.records.visits.find(id)[:heater_id]}"
          report = page.call(id, language: params["language"])
          file "application/pdf", Formats::TagPdf.new(report, address).render, "tag.pdf"
        end

        private

        def page = Desk::ReportPage.new(desk)
      end
    end
  end
end
