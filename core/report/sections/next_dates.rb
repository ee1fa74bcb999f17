# frozen_string_literal: true

module Munimen
  module Report
    module Sections
      # What falls due, and when.
      class NextDates < Section
        def blocks
          dates = all(:next_dates).map { |one| [date(one[:on]), one[:text]] }
          [Block.list(say("Next dates"), dates)]
        end
      end
    end
  end
end
