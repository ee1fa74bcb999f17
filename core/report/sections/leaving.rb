# frozen_string_literal: true

module Munimen
  module Report
    module Sections
      # What is off, shut or empty, and what was hung.
      class Leaving < Section
        def blocks = [Block.list(say("How it was left"), all(:leaving))]
      end
    end
  end
end
