# frozen_string_literal: true

Munimen::Work::Operation.define :replace_thermocouple do
  part :burner
  place :bottom
  trade :gas
  title "Replace the thermocouple"
  how "Generator and cut-off both measured first. Tip in the flame, nut finger tight plus a " \
      "quarter turn."
  because "Weak with a sound cut-off, and weak again after cleaning."
  caution :gas_smell
  applies_to(&:standing_pilot?)
  needs cock: :shut, heat: :off
  apart burner_door: :open
  makes gas_joints: :disturbed, lit_joints: :disturbed, as_found: :no
  tools "3/8 and 7/16 in spanners"
  materials "Thermocouple"
  calculator :pilot_generator
  only_when_asked
  part_kind :thermocouple
  hands_on 600
  owes :test_pilot
  renews :generator_open, :generator_loaded, :pilot_held
end
