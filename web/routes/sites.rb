# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # Where heaters stand: address, access, the site's own house rules.
      module Sites
        def self.registered(app)
          app.put("/api/sites/:id") do
            site = Desk::ChangeSite.new(desk).call(id, **sent)
            json(Desk::ViewCustomer.new(desk).call(site[:customer_id]))
          end
          app.post("/api/sites/:id/heaters") do
            json(Desk::KeepHeater.new(desk).add(site_id: id, **sent).slice(:id))
          end
          app.put("/api/sites/:id/house-rules") do
            Desk::HouseRules.new(desk).site(id, **sent)
            json(Desk::ViewSettings.new(desk).call(site_id: id))
          end
        end
      end
    end
  end
end
