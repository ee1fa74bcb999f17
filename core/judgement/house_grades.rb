# frozen_string_literal: true

module Munimen
  module Judgement
    # Where a house rule moves the grade of something seen.
    class HouseGrades
      def initialize(rules)
        @rules = rules
      end

      # The grade of a finding and the source that decides it.
      def grade(item, finding)
        return [:advice, @rules.source(:rippled_ring)] if item.id == :trim_rings && finding.id == :rippled && @rules.choice(:rippled_ring) == :no_account

        [finding.grade, finding.source]
      end
    end
  end
end
