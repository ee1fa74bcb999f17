# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # What a household tells before a visit, by its link; and what the firm sees of it.
      module Told
        def self.registered(app)
          app.helpers Helpers
          app.get("/api/before/:link", anyone: true) { json(before.show(params["link"])) }
          app.post("/api/before/:link", anyone: true) do
            json(before.say(params["link"], **sent.slice(:complaint, :words, :temperature)))
          end
          app.post("/api/before/:link/photos", anyone: true) do
            json(before.photograph(params["link"], **sent.slice(:id, :slot, :data)))
          end
          app.get("/api/visits/:id/before") { json(link: Desk::ToldBefore.new(desk, base:).link(id)) }
          app.get("/api/told-photos/:id") { told_picture(Desk::ToldBefore.new(desk).picture(id)) }
        end

        # What its routes share.
        module Helpers
          def before = Desk::ToldBefore.new(nobody)

          def told_picture(row)
            headers "content-security-policy" => "default-src 'none'; sandbox"
            content_type row[:media_type]
            row[:data]
          end
        end
      end
    end
  end
end
