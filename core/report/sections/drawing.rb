# frozen_string_literal: true

module Munimen
  module Report
    module Sections
      # The heater and its ladder, and what was left otherwise than it usually is.
      class Drawing < Section
        def blocks
          stands = @report[:stands] || []
          left = "#{say("As left")}: #{stands.join(", ")}." if stands.any?
          caption = [left, @report.dig(:ladder, :note)].compact.join(" ")
          [Block.drawing(say("This heater"), (caption unless caption.empty?))]
        end
      end
    end
  end
end
