# frozen_string_literal: true

Munimen::Work::Operation.define :fit_vessel do
  part :vessel
  protects :none
  wants :vessel_volume, because: "Without it the pressure that it will reach cannot be predicted."
  title "Fit an {vessel}"
  how "Charged to the supply pressure before it goes on; the size worked out; no valve " \
      "between it and the tank."
  because "A closed system needs somewhere for heated water to go."
  applies_to { |heater| heater.vessel == :none }
  needs heat: %i[pilot off], heater_supply: :shut, heater_pressure: :zero, static: :known
  makes water_joints: :disturbed, as_found: :no
  read :charge_set, :pressure, "Charge of the new one", point: :air_valve, shown_at: :vessel
  only_when_asked
  part_kind :vessel
  calculator :expansion_vessel
  calculator :supply_or_tank
  hands_on 1800
  renews :vessel_seen, :hot_peak_found
end
