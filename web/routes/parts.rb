# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # The firm's list of parts; what of it fits a visit's heater is in Desk::Routes.
      module Parts
        def self.registered(app)
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
