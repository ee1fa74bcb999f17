# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # Links by which a customer reads the page of one visit, and what they open.
      class Links < Resource
        on(:links) { Desk::Share.new(desk).list(id) }
        on(:addLink) do
          link = Desk::Share.new(desk).create(id, **sent)
          { **link.slice(:id, :expires_at), url: "#{base}/shared/#{link[:token]}" }
        end
        on(:revokeLink) { Desk::Share.new(desk).revoke(id) }

        # For whoever scans a heater's tag: nothing personal.
        on(:tag) { Desk::TagPage.new(nobody).call(id) }

        # For whoever holds a link: the page of one visit, and nothing else.
        on(:shared) { page.for_customer(opened("page"), language: params["language"]) }
        raw(:sharedPhoto) do
          visit = opened("page")
          photo = records.photos.find(params["photo"].downcase)
          raise NotFound.new("There is no such photo.", field: :photo) if photo[:visit_id] != visit

          picture photo
        end
        raw(:sharedPlain) do
          report = page.for_customer(opened("page"), language: params["language"])
          headers "content-security-policy" => "default-src 'none'; style-src 'unsafe-inline'"
          content_type "text/html"
          Formats::DocumentHtml.new(report).render
        end
        raw(:sharedPdf) do
          bytes = page.pdf(opened("pdf"), language: params["language"])
          file "application/pdf", bytes, "report.pdf"
        end

        private

        def page = Desk::ReportPage.new(nobody)
        def opened(what) = Desk::Share.open(nobody, params["token"], what:)
      end
    end
  end
end
