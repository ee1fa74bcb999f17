# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # Photographs, as they were kept.
      module Photos
        def self.registered(app)
          app.get("/api/photos/:id") do
            photo = records.photos.find(id)
            headers "content-disposition" => "inline",
                    "content-security-policy" => "default-src 'none'; sandbox"
            content_type photo[:media_type]
            photo[:data]
          end

          app.post("/api/photos/:id/parts") do
            json(Desk::PhotoPart.new(desk).call(id, **sent))
          end
        end
      end
    end
  end
end
