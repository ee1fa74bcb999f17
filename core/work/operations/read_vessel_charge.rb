# frozen_string_literal: true

Munimen::Work::Operation.define :read_vessel_charge do
  part :vessel
  protects "air charge of the {vessel}", told_by: %i[vessel_charge charge_set]
  place :top
  wants :vessel_volume, :vessel_upstream,
        because: "Without the volume the pressure that it will reach cannot be predicted."
  title "Read the charge of the {vessel}"
  instrument "{tire_gauge} that reads well past the target"
  how "Cap off, press the gauge on squarely, read before you let any air out."
  because "Charge and supply pressure must be equal, or the {vessel} is ineffective."
  calculator :vessel_performance, gives: { charge: :vessel_charge }
  caution :heavy
  applies_to(&:vessel?)
  needs heater_pressure: :zero
  needs_under_house_rules do |rules|
    rules.choice(:charge_method) == :taps_open ? { heater_pressure: %i[flowing zero] } : {}
  end
  needs_on { |heater| Munimen::Work::ChargePolicy.isolation(heater) }
  makes charge: :known
  read :vessel_charge, :pressure, "Air charge as found", point: :air_valve, shown_at: :vessel
  house_rules :charge_method
  hands_on 45
  spared_by :replace_vessel
end
