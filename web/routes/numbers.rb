# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # The firm's own numbers, for its owner.
      module Numbers
        def self.registered(app)
          app.get("/api/numbers") do
            month = Desk::Month.new(desk).call(params["month"])
            json({ **month, lives: Desk::Lives.new(desk).call })
          end
        end
      end
    end
  end
end
