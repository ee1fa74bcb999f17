# frozen_string_literal: true

Munimen::Work::Operation.define :replace_inlet_group do
  part :inlet_group
  place :top
  title "Replace the inlet group"
  how "Hold the body with one spanner, turn the nut with another; mind the arrow; align before " \
      "you tighten."
  because "A crusted or failed group is not mended."
  applies_to(&:unvented?)
  needs heat: :off,
        house_supply: :shut,
        house_pressure: :zero,
        heater_supply: :shut,
        heater_pressure: :zero
  apart inlet_group: :out
  makes water_joints: :disturbed, as_found: :no
  tools "Two spanners"
  materials "Inlet group, the maker's"
  only_when_asked
  hands_on 1200
  renews :inlet_group_seen,
         :expansion_relief_seen,
         :regulator_seen,
         :expansion_relief_lever,
         :expansion_relief_flow,
         :expansion_relief_closes,
         :static_pressure,
         :mains_pressure,
         :flow_rate,
         :flowing_pressure,
         record: { expansion_relief: :yes }
  owes :exercise_expansion_relief, :read_static_pressure, :read_flowing_pressure
end
