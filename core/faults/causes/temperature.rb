# frozen_string_literal: true

# Why it is too hot, and why it runs out.
cause = lambda do |id, symptoms, &block|
  Munimen::Faults::Cause.define(id) { of(*symptoms) && instance_eval(&block) }
end
hot = %i[too_hot relief_drips]

cause.call :thermostat_stuck, hot do
  title "The thermostat does not open"
  because "A hot drip is over-temperature until proved otherwise; a new valve would drip again."
  shows drip_when: %i[on_heat_up all_day],
        drip_temperature: :hot,
        tap_temperature: :above,
        thermostat_down: :goes_on,
        stat_contacts: :closed,
        lever_wash: :stays
  may :hot_peak, :night_creep
  settled_by :tap_temperature, :thermostat_down
  job :fit_cylinder_thermostat
  after "The functional test of the chain; then the {tap} temperature."
end
cause.call :thermostat_bypassed, hot do
  title "The thermostat is by-passed, or missing from the chain"
  on(&:coil?)
  shows drip_when: %i[on_heat_up all_day],
        drip_temperature: :hot,
        tap_temperature: :above,
        thermostat_down: :goes_on,
        lever_wash: :stays
  may :hot_peak
  settled_by :thermostat_down, :stat_contacts
  job :fit_cylinder_thermostat
  after "The functional test of the chain, link by link."
end
cause.call :element_earthed_unswitched, %i[too_hot] do
  title "An {element} to earth heats through its unswitched leg"
  on(&:elements?)
  prior :rare
  shows tap_temperature: :above,
        thermostat_down: :goes_on,
        lower_earth: %i[earthed clear],
        upper_earth: %i[earthed clear]
  settled_by :lower_earth, :upper_earth
  job :replace_elements
  after "Insulation test of the new one; the thermostat stops the heat."
end
cause.call :set_high, %i[too_hot] do
  title "It is set too high"
  prior :common
  because "Turned up, as a rule, because the water ran out: find out why."
  shows dial: :high, tap_temperature: %i[above as_set]
  settled_by :dial
  after "{Tap} temperature at the new setting; why it was turned up."
end
cause.call :stacking, %i[too_hot] do
  title "Heat stacks at the top after many short draws"
  shows draws: :many_short, tap_temperature: :above
  settled_by :draws, :thermostat_down
  after "{Tap} temperature after a day of ordinary use."
end

cause.call :dip_tube_broken, %i[runs_out] do
  title "The dip tube is broken"
  shows draw_shape: :luke_warm, dip_tube: :broken, nipples: %i[clear blocked]
  may :tap_temperature
  settled_by :dip_tube
  after "One long draw: hot, then cold all at once."
end
cause.call :sediment_volume, %i[runs_out] do
  title "Sediment takes up the tank"
  prior :common
  shows draw_shape: :short, drain_sample: :heavy
  settled_by :drain_sample
  job :flush
  after "What came out sets the next flush."
end
cause.call :set_low, %i[runs_out] do
  title "It is set low"
  prior :common
  shows dial: :low, tap_temperature: :below, draw_shape: %i[short sharp]
  may :tap_temperature
  settled_by :dial
  after "{Tap} temperature at the new setting: scald and legionella both."
end
cause.call :crossover, %i[runs_out] do
  title "Cold crosses over into the hot at a mixer"
  shows draw_shape: :luke_warm, supply_shut_runs: :runs
  settled_by :supply_shut_runs
  after "Supply shut, hot {tap} open: it stops."
end
cause.call :undersized, %i[runs_out] do
  title "More is drawn than the tank holds"
  prior :common
  shows draws: :more
  settled_by :draws, :draw_shape
  after "What two hours can give: the calculator “mixed delivery”."
end
cause.call :gas_input_low, %i[runs_out] do
  title "The gas input is low"
  on(&:gas?)
  shows gas_clocked: :low,
        draw_shape: %i[sharp short],
        manifold: %i[low plate],
        inlet_burning: %i[falls holds]
  settled_by :gas_clocked
  job :set_gas_pressures
  after "Clock the meter again."
end
cause.call :thermosiphon, %i[runs_out] do
  title "Warm water circulates by itself into a cold branch"
  prior :rare
  shows pipes_warm: :cold_branch_warm, draw_shape: :short
  settled_by :pipes_warm
  after "The branch stays cool overnight."
end
cause.call :return_check_failed, %i[runs_out] do
  title "A check valve of the mixing valve or the return has failed"
  on { |heater| heater.mixing_valve == :yes || heater.recirculation == :yes }
  shows pipes_warm: :return_warm, draw_shape: :luke_warm
  settled_by :pipes_warm
  after "The return stays cool with its pump off."
end
cause.call :hot_cold_swapped, %i[runs_out] do
  title "Hot and cold are connected the wrong way round"
  prior :rare
  shows hot_cold: :swapped, draw_shape: :luke_warm
  settled_by :hot_cold
  after "One long draw."
end
