# frozen_string_literal: true

# A pail under the outlet of the safety valves for a day.
Munimen::Judgement::Check.define :drip_pail, part: :relief_valve do
  off_page "a clue, not a result"
  uses :drip_pail
  judge do |visit|
    next sound("Nothing in the pail under the outlet after a day.") if
      visit.choice(:drip_pail) == :nothing

    finding(
      :watch,
      "Water in the pail under the outlet after a day: a safety valve lets go.",
      source: Munimen::Source.common_practice("a pail under it for a day shows what lets go"),
      measured: "water",
      due_in: 14,
      who: trade,
      remedy:
        "Never cap the outlet. Measure static pressure, hot peak and the {vessel}'s charge; with " \
        "those in order, replace the valve.",
      explain: "A safety valve lets water go in daily use. Something raises the pressure, or the " \
               "valve does not close tight."
    )
  end
end
