# frozen_string_literal: true

# Between the annual visits only where the house rule wants it more often, or where no annual
# visit is booked after it.
Munimen::Calendar::Rule.define :relief_exercise do
  comes_from "the {relief_valve} was exercised"
  moved_by "the house rule on how often it is exercised"
  ended_by "exercising it again"
  source Munimen::Source.common_practice("once a year; some makers' plates say quarterly")
  job :relief_exercise
  renewed
  owed do |visit, _|
    next unless visit.done?(:exercise_relief_valve)

    case visit.rules.choice(:relief_interval)
    when :quarterly
      in_days(91, "Exercise the {relief_valve}: quarterly, by house rule.")
    when :yearly
      unless visit.jobs.intersect?(%i[annual_unvented annual_safety])
        in_days(365, "Exercise the {relief_valve}.")
      end
    end
  end
end
