# frozen_string_literal: true

module Munimen
  module Report
    module Sections
      # What several pressures say together.
      class Meaning < Section
        def blocks
          [Block.list(say("What the pressures mean together"), @page.dig(:meaning, :text) || [])]
        end
      end
    end
  end
end
