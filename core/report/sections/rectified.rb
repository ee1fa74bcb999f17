# frozen_string_literal: true

module Munimen
  module Report
    module Sections
      # What was out of order on arrival and is no more.
      class Rectified < Section
        def blocks
          [Block.list(say("Found, and put right on this visit"),
                      all(:rectified).map { |one| "#{one[:text]} #{one[:by]}" })]
        end
      end
    end
  end
end
