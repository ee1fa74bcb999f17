# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # The fault finder.
      module Faults
        def self.registered(app)
          app.get("/api/symptoms") do
            visit = params["visit"]&.downcase
            json(Desk::Diagnose.new(desk).symptoms(visit:, kind: params["kind"]))
          end
          app.post("/api/diagnose") { json(Desk::Diagnose.new(desk).call(**sent)) }
        end
      end
    end
  end
end
