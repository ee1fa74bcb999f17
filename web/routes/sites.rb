# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # Where heaters stand: address, access, the site's own house rules.
      module Sites
        def self.registered(app)
          app.get("/api/places") { json(Desk::Places.new(desk).list) }
          app.put("/api/sites/:id/house-rules") do
            Desk::HouseRules.new(desk).site(id, **sent)
            json(Desk::ViewSettings.new(desk).call(site_id: id))
          end
        end
      end
    end
  end
end
