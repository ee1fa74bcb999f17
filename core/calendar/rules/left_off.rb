# frozen_string_literal: true

# A heater that is left off is somebody's cold house: seen to the same day.
Munimen::Calendar::Rule.define :left_off do
  ours
  comes_from "the heater was left off, made safe"
  ended_by "a later visit that leaves it in service"
  source Munimen::Source.common_practice("seen to the same day")
  ends { |visit| visit.state[:left] == :in_service }
  owed do |visit, _|
    said = {
      made_safe: "Left off, made safe",
      evacuated: "Evacuated, handed to the emergency service",
      against_advice: "Left in use against advice"
    }[visit.state[:left]]
    said ||= "Left off, made safe" if visit.decision(:outcome) == "left_off"
    why = visit.decision(:outcome_reason).to_s.strip
    next unless said

    text = if why.empty?
             msg("{left}.",
           left: said)
           else
             msg("{left}: {why}", left: said, why: typed(why))
           end
    in_days(0, text, grade: :danger)
  end
end
