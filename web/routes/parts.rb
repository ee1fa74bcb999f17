# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # The firm's lists of parts and of codes on displays, and what its work costs; what of them
      # fits is in Desk::Routes.
      module Parts
        def self.registered(app)
          app.get("/api/settings/rates") { json(Desk::KeepRates.new(desk).show) }
          app.put("/api/settings/rates") { json(Desk::KeepRates.new(desk).call(**sent)) }
          app.get("/api/settings/codes") { json(Desk::DisplayCodes.new(desk).text) }
          app.put("/api/settings/codes") { json(Desk::DisplayCodes.new(desk).replace(sent[:csv])) }
          app.get("/api/parts") { json(Desk::MatchParts.new(desk).catalogue_text) }
          app.put("/api/parts") do
            Desk::MatchParts.new(desk).replace(sent[:csv])
            json(Desk::MatchParts.new(desk).catalogue_text)
          end
        end
      end
    end
  end
end
