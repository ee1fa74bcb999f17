# frozen_string_literal: true

Munimen::Heater::Kind.define :unvented_indirect do
  called "An indirect cylinder"
  place 40
  water :unvented
  heated_by :coil, :immersion
  high_limit false
  usual capacity: "210 L", backup_immersion: "yes"
  usual_power 15_000.0 # from memory
  year :annual_unvented
  sources { |heater| [:coil, *(:immersion if heater.backup_immersion != :no)] }
  feeds { |heater| [:heating_controls, *(:immersion if heater.backup_immersion != :no)] }
  power { |heater| heater.coil_power&.si }
  most do |heater|
    [heater.coil_power, (heater.immersion_power if heater.immersion?)].compact.sum(&:si)
  end
end
