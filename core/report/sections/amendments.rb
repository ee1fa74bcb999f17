# frozen_string_literal: true

module Munimen
  module Report
    module Sections
      # What came to light after the page was signed.
      class Amendments < Section
        def blocks
          [Block.list(say("Added after signing"), (@report[:amendments] || []).map do |one|
            ["#{date(one[:at])}, #{one[:by]}", "#{one[:text]} (#{one[:reason]})"]
          end)]
        end
      end
    end
  end
end
