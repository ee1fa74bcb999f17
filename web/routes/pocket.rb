# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # What a browser takes along for the time without a signal.
      module Pocket
        def self.registered(app)
          app.get("/api/pocket") do
            more = params["heaters"].to_s.split(",").grep(Helpers::UUID).map(&:downcase)
            json(Desk::TakeAlong.new(desk).call(more:).merge(program: config.program))
          end
        end
      end
    end
  end
end
