# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # The firm's instruments.
      module Instruments
        def self.registered(app)
          app.put("/api/instruments") do
            json(Desk::Instruments.new(desk).replace(sent[:instruments]))
          end
        end
      end
    end
  end
end
