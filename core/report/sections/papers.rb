# frozen_string_literal: true

module Munimen
  module Report
    module Sections
      # Papers that the law wants of such work.
      class Papers < Section
        def blocks
          [Block.list(say("Permit, notice, certificate"), all(:papers).map do |one|
            "#{one[:title]}: #{[one[:text], one[:number], date(one[:on])].compact.join(", ")}"
          end)]
        end
      end
    end
  end
end
