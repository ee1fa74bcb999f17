# frozen_string_literal: true

module Munimen
  module Report
    module Sections
      # Where the photographs stand, if any were taken.
      class Photographs < Section
        def blocks
          return [] if (@report[:photos] || []).empty?

          [Block.photographs(say("Photographs"))]
        end
      end
    end
  end
end
