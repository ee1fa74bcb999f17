# frozen_string_literal: true

module Munimen
  module Report
    module Sections
      # What to mind from now on, beside when somebody comes again.
      class Mind < Section
        def blocks
          [Block.pair(Block.list(say("Please note"), all(:cautions)),
                      NextDates.new(@report).blocks.first)]
        end
      end
    end
  end
end
