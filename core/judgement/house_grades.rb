# frozen_string_literal: true

module Munimen
  module Judgement
    # Where a house rule moves the grade of something seen.
    class HouseGrades
      Ruling = Struct.new(:grade, :source, :question, keyword_init: true)
      # [item, finding] => question, school, grade
      MOVED = { %i[trim_rings rippled] => %i[rippled_ring no_account advice],
                %i[discharge_insulation bare] => %i[relief_insulation reported defect] }.freeze

      def initialize(rules)
        @rules = rules
      end

      # Grade of a finding, the source that decides it, and the question whose school did, if one
      # did.
      def ruling(item, finding)
        question, school, grade = MOVED[[item.id, finding.id]]
        if question && @rules.choice(question) == school
          return Ruling.new(grade:, source: @rules.source(question), question:)
        end

        Ruling.new(grade: finding.grade, source: finding.source_under(@rules.book), question:)
      end

      # Whether a house rule takes “not visible” for a deficiency here.
      def must_be_seen?(item, answer)
        item.id == :grounding && answer == :not_visible &&
          @rules.choice(:earth_seen) == :must_be_visible
      end
    end
  end
end
