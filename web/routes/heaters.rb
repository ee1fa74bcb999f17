# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # Heaters: their records, what they did over the years, what if.
      module Heaters
        def self.registered(app)
          app.get("/api/heater-form") { json(Desk::HeaterForm.fields(units)) }
          app.get("/api/heaters/:id", kept: true) { json(Desk::ViewHeater.new(desk).call(id)) }
          app.put("/api/heaters/:id") do
            Desk::KeepHeater.new(desk).change(id, **sent.slice(:label, :installation))
            json(Desk::ViewHeater.new(desk).call(id))
          end
          app.get("/api/heaters/:id/trends") { json(Desk::ViewTrends.new(desk).call(id)) }
          app.get("/api/heaters/:id/what-if") { json(Desk::WhatIf.new(desk).call(id)) }
          app.post("/api/heaters/:id/visits") do
            json(Desk::StartVisit.new(desk).book(heater_id: id, **sent).slice(:id))
          end
        end
      end
    end
  end
end
