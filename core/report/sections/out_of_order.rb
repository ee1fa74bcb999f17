# frozen_string_literal: true

module Munimen
  module Report
    module Sections
      # Where the work left its usual way, and why.
      class OutOfOrder < Section
        def blocks
          [Block.list(say("Postponed to another day"), reasons(:put_off)),
           Block.list(say("Done out of order, and why"), reasons(:out_of_order))]
        end
      end
    end
  end
end
