# frozen_string_literal: true

# A slow leak shows on paper in a day.
Munimen::Calendar::Rule.define :leak_check do
  comes_from "a joint was opened, the tank drained, or paper laid"
  ended_by "a look at the paper, or at the joints"
  source Munimen::Source.common_practice("look the next day after a drain or a joint")
  job :leak_check
  owed do |visit, _|
    next in_days(1, "Look at the paper under the joints.") if visit.done?(:lay_paper)

    opened =
      visit
        .standing
        .select(&:done?)
        .map { |step| Munimen::Work::Operation[step.operation] }
        .select do |operation|
          operation.makes[:water_joints] == :disturbed ||
            %i[below_upper_element below_lower_element empty].include?(operation.makes[:level])
        end
    if opened.any?
      in_days(1, "Look for drops where joints were opened; a photograph by the household will do.")
    end
  end
end
