# frozen_string_literal: true

Munimen::Work::Operation.define :clean_burner do
  part :burner
  place :bottom
  trade :gas
  title "Clean burner and intake"
  how "Three nuts at the control. Vacuum the chamber, brush the screen, see it seated, door " \
      "gasket sealed."
  because "A choked screen starves the burner."
  caution :gas_smell, :sharp
  applies_to(&:gas?)
  needs cock: :shut, heat: :off
  apart burner_door: :open, union: :broken
  makes gas_joints: :disturbed, lit_joints: :disturbed, as_found: :no
  tools "Brush", "Vacuum"
  only_when_asked
  hands_on 900
  renews :intake, :pilot_flame, :flue_co, :flue_co2
  owes :test_draught, :prove_flue
  # Gas Safety (Installation and Use) Regulations 26(9), as amended 2018; from memory.
  owes :read_operating_pressure, :test_combustion, under: :england_g3
end
