# frozen_string_literal: true

Munimen::Work::Operation.define :replace_expansion_relief do
  part :expansion_relief
  place :top
  title "Replace the {expansion_relief}"
  how "Same setting, below that of the {relief_valve} and of the cylinder; nothing between it " \
      "and the cylinder. Its pipe back to the tundish."
  because "What does not lift, or does not shut, protects nobody."
  applies_to(&:unvented?)
  needs heat: :off, heater_supply: :shut, heater_pressure: :zero
  apart "opening.expansion_relief": :removed
  makes water_joints: :disturbed, as_found: :no
  only_when_asked
  spared_by :replace_inlet_group
  hands_on 900
  materials "Expansion relief valve that matches"
  renews :expansion_relief_seen, :expansion_relief_lever, :expansion_relief_flow,
         :expansion_relief_closes, :"relief_drip.expansion_relief",
         record: { expansion_relief: :yes }
  owes :exercise_expansion_relief
end
