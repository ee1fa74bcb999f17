# frozen_string_literal: true

# A heater that is left off is somebody's cold house: seen to the same day.
Munimen::Calendar::Rule.define :left_off do
  comes_from "the heater was left off, made safe"
  ended_by "a later visit that leaves it in service"
  source Munimen::Source.common_practice("seen to the same day")
  owed do |visit, _|
    if visit.decision(:outcome) == "left_off"
      in_days(0, "Left off, made safe: #{visit.decision(:outcome_reason)}", grade: :danger)
    end
  end
end
