# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # Parts to fit: the catalogue, and what of it matches a visit's heater.
      module Parts
        def self.registered(app)
          app.get("/api/visits/:id/parts/:kind") do
            json(Desk::MatchParts.new(desk).call(id, params["kind"]))
          end
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
