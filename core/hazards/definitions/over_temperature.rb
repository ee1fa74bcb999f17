# frozen_string_literal: true

Munimen::Hazards::Hazard.define :over_temperature do
  title "The heat does not stop: over-temperature"
  part :thermostat
  seen wiring_seen: :no_stat, relief_as_found: %i[drips_hot runs_hot steams]
  read relief_drip: :steams, relief_drip_hot: :hot, "relief_drip_hot.expansion_relief": :hot,
       chain_off: :keeps_heating, thermostat_stops: :keeps_heating,
       "thermostat_stops.immersion": :keeps_heating
  found(by: %i[tap_temperature]) do |visit|
    hot = visit.quantity(:tap_temperature)
    hot && visit.rules.limit(:tap_temperature_runaway)&.violated_by(hot)
  end
  at_first heater_supply: :open
  bars :exercise_relief_valve, :open_relief_for_air
  bars_while_hot :letting_out, :exercise_expansion_relief
  repaired_by :mend_controls, :fit_cylinder_thermostat, :replace_gas_control
  cleared_by :test_controls, :prove_thermostat
  test_firing
  source Munimen::Source.common_practice(
    "hot as found, or steam at any time, is over-temperature until proved otherwise: heat off, " \
    "the cold left open"
  )
end
