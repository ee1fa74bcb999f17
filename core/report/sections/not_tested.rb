# frozen_string_literal: true

module Munimen
  module Report
    module Sections
      # What nobody looked into, and why.
      class NotTested < Section
        def blocks
          [Block.list(say("What was not tested, and why"),
                      all(:not_tested).map { |one| one[:text] })]
        end
      end
    end
  end
end
