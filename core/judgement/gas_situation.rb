# frozen_string_literal: true

module Munimen
  module Judgement
    # What a finding is called under the English gas industry's procedure for unsafe situations,
    # printed beside our own grade. From memory.
    module GasSituation
      CLASSES = { danger: "Immediately dangerous", defect: "At risk" }.freeze

      module_function

      # Text, or nil where the finding is not about gas, or not in England.
      def of(verdict, visit)
        return unless visit.rules.book.id == :england_g3 && visit.heater.gas? && verdict.who == :gas

        CLASSES[verdict.grade]
      end
    end
  end
end
