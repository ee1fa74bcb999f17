# frozen_string_literal: true

Munimen::Heater::Kind.define :boiler_coil do
  called "A coil heater"
  place 30
  water :main
  heated_by :coil
  openings :coil
  high_limit false
  usual capacity: "40 gal"
  usual_power 20_000.0 # from memory
  year :annual_safety
  sources { |_| [:coil] }
  feeds { |_| [:heating_controls] }
  power { |heater| heater.coil_power&.si }
  most { |heater| heater.coil_power&.si }
end
