# frozen_string_literal: true

# Paper under the joints for a day.
Munimen::Judgement::Check.define :paper, part: :drain_valve do
  on_page 370, "Drain valve, on dry paper"
  uses :paper
  judge do |visit|
    next sound("The paper is dry after a day.") if visit.choice(:paper) == :dry

    wet = visit.choice(:paper) == :wet
    finding(
      wet ? :defect : :watch,
      wet ? "The paper is wet through: a joint leaks." : "A spot on the paper: a joint weeps.",
      source: Munimen::Source.common_practice("paper under it for a day shows a slow leak"),
      due_in: wet ? 1 : 30,
      who: trade,
      remedy: "Cap a weeping drain valve; make a joint again.",
      explain: "Water slowly leaks from a joint."
    )
  end
end
