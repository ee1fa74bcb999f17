# frozen_string_literal: true

# Only where the house rule sets an age; past it the check of the same name finds a defect with a
# date of its own.
Munimen::Calendar::Rule.define :relief_life do
  comes_from "the {relief_valve}'s date of fitting, where the house rule replaces it by age"
  moved_by "the house rule on how long it lives, and a new valve"
  ended_by "a new {relief_valve}"
  source Munimen::Source.common_practice("three years, one school")
  job :replace_relief_valve
  renewed
  owed do |visit, _|
    next unless visit.rules.choice(:relief_life) == :three_years

    fitted = visit.done?(:replace_relief_valve) ? today : day(visit.heater.relief_fitted)
    due = fitted && (fitted >> 36)
    on(due, "Replace the {relief_valve}: three years old, by house rule.") if due && due > today
  end
end
