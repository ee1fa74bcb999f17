# frozen_string_literal: true

Munimen::Judgement::Check.define :air_valve, part: :vessel do
  on_page 190, "Membrane of the {vessel}"
  uses :air_valve_emits
  judge do |visit|
    source = Munimen::Source.common_practice("water at the air valve: the membrane has failed")
    case visit.choice(:air_valve_emits)
    when :water
      finding(
        :defect,
        "Water came out of the air valve: the membrane has failed.",
        source:,
        due_in: 7,
        who: trade,
        remedy:
          "Replace the {vessel} with one of the same volume or larger, charged to the supply " \
          "pressure.",
        explain: "The small tank that cushions the pressure has failed inside."
      )
    when :nothing
      finding(
        :defect,
        "Neither air nor water: the {vessel} is flat.",
        source:,
        due_in: 0,
        who: trade,
        remedy: "Charge it to the supply pressure; if it loses it within a week, replace it.",
        explain: "The small tank that cushions the pressure has lost its air."
      )
    else
      sound("Air only: the membrane holds so far.")
    end
  end
end
