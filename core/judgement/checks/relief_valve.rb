# frozen_string_literal: true

# Lever, flow and closing of the relief valve; common practice.
Munimen::Judgement::Check.define :relief_valve, part: :relief_valve do
  uses :relief_flow, :relief_lever, :relief_closes
  judge do |visit|
    source = Munimen::Source.common_practice("strong full-bore flow, and it shuts")
    no_relief = { source:, due_in: 0, who: :plumber, remedy: "Heat off until the {relief_valve} is replaced.",
                  explain: "The last protection against a bursting tank does not work." }
    if visit.choice(:relief_lever) == :will_not_lift
      finding(:danger, "The lever will not lift: the tank is not protected.", **no_relief)
    elsif visit.choice(:relief_flow) == :none
      finding(:danger, "The lever lifts and nothing comes: the tank is not protected.", **no_relief)
    elsif visit.choice(:relief_closes) == :runs_on
      finding(:defect, "It does not shut after its test.", source:, due_in: 0, who: :plumber,
              remedy: "Cold inlet and heat off first; then the lever 3–4 times; if it runs on, replace it.",
              explain: "The safety valve does not close tight any more and must be replaced.")
    elsif visit.choice(:relief_flow) == :weak
      finding(:defect, "Weak flow: scale or debris in the valve or its pipe.", source:, due_in: 14, who: :plumber,
              remedy: "Clear the pipe, lift again; if it stays weak, replace the valve.",
              explain: "The safety valve lets out less water than it should.")
    elsif visit.choice(:relief_flow) == :full_bore
      sound("Lifts, strong full-bore flow#{', shuts' if visit.choice(:relief_closes) == :shuts}.")
    end
  end
end
