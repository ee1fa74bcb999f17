# frozen_string_literal: true

Munimen::Work::Job.define :annual_safety,
                          title: "Annual safety visit",
                          operations: %i[
                            identify
                            look_over
                            read_static_pressure
                            read_flowing_pressure
                            read_tap_temperature
                            test_controls
                            prove_thermostat
                            test_draught
                            prove_flue
                            read_hot_peak_found
                            check_discharge_pipe
                            exercise_relief_valve
                            exercise_expansion_relief
                            read_vessel_charge
                            test_air_valve
                            set_vessel_charge
                            read_hot_peak_after
                            clean_air_filter
                            test_condensate
                            start_heat_pump_run
                            read_heat_pump
                            leave_site
                          ]
