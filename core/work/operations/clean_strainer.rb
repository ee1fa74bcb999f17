# frozen_string_literal: true

Munimen::Work::Operation.define :clean_strainer do
  part :inlet_group
  protects :none
  place :top
  title "Rinse the strainer"
  how "Cap off by hand, rinse, back; its plastic cap wants little torque."
  because "A blocked strainer is the usual cause of weak hot water."
  applies_to(&:unvented?)
  needs heat: :off, heater_supply: :shut, heater_pressure: :zero
  apart strainer: :out
  makes water_joints: :disturbed, as_found: :no
  read :strainer, :choice, "It was", choices: %i[clean dirty blocked torn], optional: true
  only_when_asked
  hands_on 240
  renews :flow_rate, :flowing_pressure
  spared_by :replace_inlet_group
  owes :read_flowing_pressure
end
