# frozen_string_literal: true

module Munimen
  module Report
    module Sections
      # What was measured, as found beside as left where anything was put right.
      class Results < Section
        def blocks
          [Block.table(say("What was measured"), head, all(:results).map { |one| row(one) },
                       wide: { 0 => mended? ? 0.27 : 0.36, -2 => 0.18, -1 => 0.13 })]
        end

        private

        def mended? = all(:results).any? { |one| one[:found] }

        def head
          measured = mended? ? ["As found", "As left"] : ["Measured"]
          ["", *measured, "Limit", "Verdict"].map { |text| say(text) }
        end

        def row(one)
          [
            Block.cell(one[:title]),
            *([found(one[:found])] if mended?),
            Block.cell(one[:measured] || one[:text]),
            Block.cell(one[:limit]),
            Block.cell(grade(one[:state]), grade: one[:state].to_sym, strong: true)
          ]
        end

        def found(found)
          return Block.cell(nil) unless found

          Block.cell(found[:measured] || found[:text], grade: found[:state].to_sym)
        end
      end
    end
  end
end
