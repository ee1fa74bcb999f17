# frozen_string_literal: true

module Munimen
  module Report
    module Sections
      # What was done, and what was asked before a lever.
      class Done < Section
        def blocks = [Block.paragraph(say("What was done"), [*all(:done), *consent].join(" · "))]

        private

        def consent
          one = @page[:consent] or return
          "#{say("Asked before the lever was lifted")}: " \
            "#{[one[:text], one[:by]].compact.join(" – ")}"
        end
      end
    end
  end
end
