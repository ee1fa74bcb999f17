# frozen_string_literal: true

Munimen::Heater::Kind.define :gas_storage do
  called "A gas heater"
  place 10
  water :main
  heated_by :burner
  high_limit false
  usual capacity: "50 gal", ignition: "pilot_thermocouple"
  usual_power 40_000 * 0.2930711 * 0.8 # 40,000 Btu/h at 80 %; from memory
  year :annual_safety
  sources { |_| [:burner] }
  feeds { |_| [] }
  power do |heater|
    heater.input && (heater.input.si * Munimen::Heater::Installation::GAS_EFFICIENCY)
  end
  most { |heater| heater.input&.si }
end
