# frozen_string_literal: true

# Lever, flow and closing of each relief valve; common practice. The T&P is the last protection, the
# expansion relief of an English inlet group the one before it.
[
  [:relief_valve, :relief, 120, "The last protection against a bursting tank does not work.",
   "Heat off until the {relief_valve} is replaced."],
  [:expansion_relief, :expansion_relief, 130, "A safety valve against pressure does not work.",
   "Heat off until the {expansion_relief} is replaced."]
].each do |part, prefix, place, explain, remedy|
  Munimen::Judgement::Check.define part, part: do
    on_page place, "{#{part.capitalize}}"
    uses :"#{prefix}_flow", :"#{prefix}_lever", :"#{prefix}_closes"
    judge do |visit|
      source = Munimen::Source.common_practice("strong full-bore flow, and it shuts")
      no_relief = {
        source:,
        due_in: 0,
        who: trade,
        remedy:,
        explain:
      }
      flow = visit.choice(:"#{prefix}_flow")
      closes = visit.choice(:"#{prefix}_closes")
      if visit.choice(:"#{prefix}_lever") == :will_not_lift
        finding(:danger, "The lever will not lift: the tank is not protected.", **no_relief)
      elsif flow == :none
        finding(
          :danger,
          "The lever lifts and nothing comes: the tank is not protected.",
          **no_relief
        )
      elsif closes == :runs_on
        finding(
          :danger,
          "It does not shut after its test.",
          source:,
          due_in: 0,
          who: trade,
          explain: "The safety valve does not close tight any more and must be replaced.",
          remedy:
            "Cold inlet and heat off first; then the lever 3–4 times; if it runs on, replace it."
        )
      elsif flow == :weak
        finding(
          :defect,
          "Weak flow: scale or debris in the valve or its pipe.",
          source:,
          due_in: 14,
          who: trade,
          explain: "The safety valve lets out less water than it should.",
          remedy: "Clear the pipe, lift again; if it stays weak, replace the valve."
        )
      elsif flow == :full_bore
        text = "Lifts, strong full-bore flow."
        text = "Lifts, strong full-bore flow, shuts." if closes == :shuts
        sound(text)
      end
    end
  end
end
