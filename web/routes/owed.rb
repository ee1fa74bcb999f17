# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # What is owed, and what was decided about it.
      module Owed
        def self.registered(app)
          app.get("/api/owed", kept: true) do
            json(Desk::Owed.new(desk).call(show: params["show"] || "open"))
          end
          app.post("/api/owed/:key/decision") do
            json(Desk::Owed.new(desk).decide(params["key"], **sent))
          end
        end
      end
    end
  end
end
