# frozen_string_literal: true

Munimen::Work::Operation.define :set_vessel_charge do
  part :vessel
  protects :none
  place :top
  wants :vessel_volume, because: "Without it the pressure that it will reach cannot be predicted."
  title "Set the charge to the supply pressure"
  instrument "Pump, {tire_gauge}"
  how "With the water side still at zero: pump up or let down to the static pressure, read once " \
      "more, cap on."
  because "Equal charge takes up the most water and keeps the hot peak lowest."
  calculator :vessel_performance, gives: { charge: :charge_set }
  calculator :expansion_vessel
  caution :pressure
  applies_to(&:vessel?)
  needs heater_pressure: :zero, charge: :known, static: :known, air_valve: :tested
  needs_on { |heater| Munimen::Work::ChargePolicy.isolation(heater) }
  makes charge: :set, as_found: :no
  read :charge_set, :pressure, "Charge as set", point: :air_valve, shown_at: :vessel
  forbidden { |visit| Munimen::Work::ChargePolicy.refusal(visit) }
  superfluous { |visit| Munimen::Work::ChargePolicy.superfluous(visit) }
  hands_on 150
  spared_by :replace_vessel
end
