# frozen_string_literal: true

Munimen::Work::Operation.define :replace_gas_control do
  part :gas_control
  place :bottom
  trade :gas
  title "Replace the gas control"
  how "Claim first. Union broken and made, pilot, igniter and generator leads moved, thread " \
      "sealed for gas."
  because "An open cut-off goes with its control; find out why it overheated."
  caution :gas_smell
  applies_to(&:gas?)
  needs cock: :shut,
        heat: :off,
        heater_supply: :shut,
        heater_pressure: :zero,
        drain: :shut,
        level: :empty
  apart "opening.gas_control": :removed, union: :broken
  makes gas_joints: :disturbed, lit_joints: :disturbed, water_joints: :disturbed, as_found: :no
  tools "Pipe wrench"
  materials "Gas control, the maker's"
  only_when_asked
  warranty_first
  hands_on 1800
  renews :gas_line,
         :gas_operating,
         :gas_manifold,
         :gas_standing,
         :generator_loaded,
         :eco_continuity,
         :pilot_held
  owes :read_line_pressure, :read_operating_pressure
  # Gas Safety (Installation and Use) Regulations 26(9), as amended 2018; from memory.
  owes :test_combustion, under: :england_g3
end
