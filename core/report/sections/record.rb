# frozen_string_literal: true

module Munimen
  module Report
    module Sections
      # The title of the second part.
      class Record < Section
        def blocks
          about = [@report[:customer], @report[:address], date(@report[:date])].compact
          [Block.title(say("Record of the visit"), about.join("  ·  "))]
        end
      end
    end
  end
end
