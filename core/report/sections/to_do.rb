# frozen_string_literal: true

module Munimen
  module Report
    module Sections
      # What must be done, by when, what was done at once, and by which rule.
      class ToDo < Section
        def blocks
          [Block.findings(say("What must be done"), all(:deficiencies).map { |one| finding(one) })]
        end

        private

        def finding(one)
          { grade: one[:state].to_sym, word: grade(one[:state]),
            by: one[:by] && "#{say("by")} #{date(one[:by])}",
            lead: full_stop([one[:place], one[:gas_situation]].compact.join(" – ")),
            lines: lines(one) }
        end

        def lines(one)
          [
            line(one[:explain] || one[:text]),
            (line(one[:text]) if one[:explain]),
            line(one[:remedy]),
            (line(acted(one)) if one[:action]),
            line("#{say("Rule")}: #{one[:source]}", :soft)
          ].compact
        end

        def line(text, tone = :plain) = ({ text:, tone: } unless text.to_s.empty?)

        def acted(one)
          "#{say("Done on the spot")}: #{full_stop(one[:action])} " \
            "#{say("Told")}: #{full_stop(one[:told])}"
        end
      end
    end
  end
end
