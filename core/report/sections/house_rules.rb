# frozen_string_literal: true

module Munimen
  module Report
    module Sections
      # House rules that somebody chose: the report says which applied, and who set them.
      class HouseRules < Section
        # Who set it, by the level as it is kept.
        LEVELS = { "our default" => "our default", "firm" => "the firm", "site" => "this site",
                   "visit" => "this visit" }.freeze

        def blocks
          [Block.list(say("House rules that applied"), all(:house_rules).map do |one|
            "#{one[:ask]} #{one[:choice]} (#{say(LEVELS.fetch(one[:level].to_s))})"
          end)]
        end
      end
    end
  end
end
