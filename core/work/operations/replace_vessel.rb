# frozen_string_literal: true

Munimen::Work::Operation.define :replace_vessel do
  part :vessel
  protects :none
  place :top
  wants :vessel_volume, because: "Without it the pressure that it will reach cannot be predicted."
  title "Replace the {vessel}"
  instrument "Pump, {tire_gauge}"
  how "Same volume or larger. Charge it to the supply pressure before it goes on; support it: " \
      "full of water it is heavy."
  because "A failed membrane holds no charge."
  caution :heavy, :pressure
  applies_to(&:vessel?)
  needs heat: %i[pilot off], heater_supply: :shut, heater_pressure: :zero, static: :known
  apart vessel: :off
  needs_on { |heater| Munimen::Work::ChargePolicy.isolation(heater) }
  makes water_joints: :disturbed, charge: :set, air_valve: :tested, as_found: :no
  read :charge_set, :pressure, "Charge of the new one", point: :air_valve, shown_at: :vessel
  tools "Pump", "{Tire_gauge}"
  materials "{Vessel}, same volume or larger"
  calculator :expansion_vessel
  calculator :supply_or_tank
  only_when_asked
  part_kind :vessel
  hands_on 600
  renews :vessel_seen, :vessel_charge, :air_valve_emits, :hot_peak_found
end
