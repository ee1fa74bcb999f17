# frozen_string_literal: true

module Munimen
  module Report
    module Sections
      # The heater and its ladder, and what was left otherwise than it usually is.
      class Drawing < Section
        def blocks
          stands = @report[:stands] || []
          caption = "#{say("As left")}: #{stands.join(", ")}" if stands.any?
          [Block.drawing(say("This heater"), caption)]
        end
      end
    end
  end
end
