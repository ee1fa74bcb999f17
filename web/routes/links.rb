# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # Links by which a customer reads the page of one visit, and what they open.
      module Links
        def self.registered(app)
          app.get("/api/visits/:id/links") { json(Desk::Share.new(desk).list(id)) }
          app.post("/api/visits/:id/links") do
            link = Desk::Share.new(desk).create(id, **sent)
            json(**link.slice(:id, :expires_at), url: "#{base}/shared/#{link[:token]}")
          end
          app.post("/api/links/:id/revoke") { json(Desk::Share.new(desk).revoke(id)) }
          shared(app)
          tagged(app)
        end

        # For whoever scans a heater's tag: nothing personal.
        def self.tagged(app)
          app.get("/api/tags/:id", anyone: true) { json(Desk::TagPage.new(nobody).call(id)) }
        end

        # For whoever holds a link: the page of one visit, and nothing else.
        def self.shared(app)
          app.get("/api/shared/:token", anyone: true) do
            visit = Desk::Share.open(nobody, params["token"], what: "page")
            json(Desk::ReportPage.new(nobody).for_customer(visit, language: params["language"]))
          end
          app.get("/api/shared/:token/photos/:photo", anyone: true) do
            visit = Desk::Share.open(nobody, params["token"], what: "page")
            photo = records.photos.find(params["photo"].downcase)
            raise NotFound.new("There is no such photo.", field: :photo) if
              photo[:visit_id] != visit

            headers "content-security-policy" => "default-src 'none'; sandbox"
            content_type photo[:media_type]
            photo[:data]
          end
          app.get("/api/shared/:token/report.pdf", anyone: true) do
            visit = Desk::Share.open(nobody, params["token"], what: "pdf")
            bytes = Desk::ReportPage.new(nobody).pdf(visit, language: params["language"])
            file "application/pdf", bytes, "report.pdf"
          end
        end
      end
    end
  end
end
