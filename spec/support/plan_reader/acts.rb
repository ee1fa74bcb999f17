# frozen_string_literal: true

class PlanReader
  # What an act is, by hand.
  DRAINS = { drain_below_relief_port: 3, drain_below_upper_element: 2, drain_empty: 0 }.freeze
  LEVERS = %i[open_relief_for_air exercise_relief_valve exercise_new_relief_valve
              exercise_expansion_relief].freeze
  WATCHES = %i[watch_relief_drip watch_expansion_drip].freeze
  # The tank's own heat is taken away, and given back.
  OFF = %i[turn_gas_off switch_burner_off turn_burner_to_pilot lock_off_power lock_off_immersion
           stop_boiler_heat].freeze
  LIT = %i[restore_burner].freeze
  ON = %i[restore_burner restore_power restore_immersion restore_boiler_heat].freeze
  POWERED = %i[restore_power restore_immersion restore_boiler_heat].freeze
  INSIDE = %i[prove_earth measure_elements take_leads_off land_leads replace_elements refit_elements
              descale_elements fit_cut_out mend_wiring test_cut_out press_high_limit
              fit_cylinder_thermostat].freeze
  CONTROLS = %i[mend_controls set_tiers].freeze # inside, where there is power
  GAS_OPENED = %i[clean_burner replace_thermocouple replace_gas_control mend_gas_escape
                  disconnect_manometer].freeze
  WATER_OPENED = %i[replace_relief_valve replace_drain_valve replace_elements refit_elements
                    refit_anode replace_anode replace_vessel fit_vessel replace_inlet_group
                    clean_strainer clean_coil replace_gas_control lower_supply thaw].freeze
  # What wants the tank drained, and to where (4 full … 0 empty).
  DRAINED_FOR = { replace_relief_valve: 3, inspect_anode: 3, refit_anode: 3, replace_anode: 3,
                  replace_elements: 0, refit_elements: 0, descale_elements: 0,
                  replace_drain_valve: 0, replace_gas_control: 0, clean_coil: 0,
                  flush_bursts: 0, leave_drained: 0 }.freeze
  AT_ZERO = %i[read_vessel_charge test_air_valve set_vessel_charge replace_vessel fit_vessel
               renew_bubble clean_strainer replace_inlet_group replace_expansion_relief
               mend_discharge take_discharge_pipe_off
               open_relief_for_air shut_house_supply thaw lower_supply].freeze
  CYCLES = %i[start_found_cycle start_final_cycle watch_first_heat_up].freeze
  LEAVES = %i[leave_site leave_made_safe leave_drained evacuate leave_in_use].freeze
  # What wants hot water in the tank.
  HOT = %i[exercise_relief_valve read_tap_temperature start_found_cycle start_final_cycle
           prove_thermostat].freeze
  # Used by what follows it, until it is undone: {act => [what needs it, what undoes it]}.
  USED = {
    fit_gauge: [%i[read_static_pressure read_flowing_pressure read_hot_peak_found
                   read_hot_peak_after], %i[remove_gauge]],
    reset_max_hand: [%i[read_hot_peak_found read_hot_peak_after], %i[remove_gauge]],
    connect_manometer: [%i[read_line_pressure read_operating_pressure],
                        %i[disconnect_manometer replace_gas_control]],
    fit_hose: [[*DRAINS.keys, :flush_bursts], %i[remove_hose]],
    let_pressure_down: [[*AT_ZERO, *DRAINS.keys, :leave_drained], %i[refill_tank]],
    take_discharge_pipe_off: [%i[replace_relief_valve], %i[refit_discharge_pipe]],
    shut_house_supply: [%i[replace_inlet_group lower_supply read_vessel_charge test_air_valve
                           set_vessel_charge replace_vessel], %i[open_house_supply]],
    run_taps: [%i[read_vessel_charge test_air_valve], %i[shut_taps]],
    ask_consent: [[*LEVERS, :renew_bubble], []],
    heat_tank_up: [[*HOT, :leave_in_use], %i[drain_empty]],
    start_found_cycle: [%i[read_hot_peak_found], []],
    start_final_cycle: [%i[read_hot_peak_after], []],
    watch_first_heat_up: [%i[read_hot_peak_after exercise_relief_valve read_tap_temperature
                             prove_thermostat], []],
    prove_dead: [[*INSIDE, *CONTROLS, *DRAINS.keys, :leave_drained, :leave_made_safe], POWERED],
    take_leads_off: [%i[measure_elements replace_elements refit_elements descale_elements],
                     %i[land_leads]],
    turn_burner_to_pilot: [[*AT_ZERO, *DRAINS.keys, :flush_bursts, :shut_heater_supply,
                            :test_pilot], %i[turn_gas_off restore_burner]],
    shut_gas_cock: [[*GAS_OPENED, :connect_manometer, :replace_gas_control, :make_safe,
                     :mend_flue, :mend_gas_supply, *CONTROLS, :return_when_cleared,
                     :leave_made_safe, :leave_drained, :evacuate], %i[open_gas_cock]],
    stop_recirculation: [%i[let_pressure_down], %i[restore_recirculation]],
    isolate_coil_loop: [%i[clean_coil leave_made_safe leave_drained make_safe],
                        %i[purge_coil_loop]]
  }.freeze
  # Only once in a plan, unless something of the second list comes between.
  AGAIN = %i[exercise_new_relief_valve exercise_relief_valve exercise_expansion_relief
             read_static_pressure].freeze
  ONCE = {
    shut_heater_supply: AGAIN,
    let_pressure_down: AGAIN,
    refill_tank: [],
    fit_hose: %i[replace_drain_valve],
    fit_gauge: [],
    connect_manometer: %i[replace_gas_control],
    heat_tank_up: %i[refill_tank],
    prove_dead: POWERED,
    relight_pilot: %i[disconnect_manometer],
    ask_consent: [],
    make_safe: [],
    exercise_relief_valve: [],
    exercise_new_relief_valve: [],
    turn_gas_off: %i[restore_burner relight_pilot],
    lock_off_power: %i[restore_power],
    shut_gas_cock: %i[prove_gas_joints open_gas_cock]
  }.freeze
  # Not served where the same visit replaces it: §24.6, §26.3.
  REPLACED = {
    replace_relief_valve: %i[exercise_relief_valve open_relief_for_air],
    replace_elements: %i[descale_elements refit_elements],
    replace_anode: %i[inspect_anode refit_anode],
    replace_vessel: %i[set_vessel_charge test_air_valve],
    replace_inlet_group: %i[clean_strainer]
  }.freeze
end
