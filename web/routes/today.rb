# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # The day: visits and what is owed.
      module Today
        def self.registered(app)
          app.get("/api/today", kept: true) { json(Desk::ViewToday.new(desk).call) }
        end
      end
    end
  end
end
