# frozen_string_literal: true

Munimen::Work::Job.define :annual_unvented,
                          title: "Annual service of an unvented {heater}",
                          suits: :unvented?,
                          operations: %i[
                            identify
                            look_over
                            read_static_pressure
                            read_flowing_pressure
                            read_tap_temperature
                            test_controls
                            prove_thermostat
                            check_discharge_pipe
                            exercise_relief_valve
                            exercise_expansion_relief
                            clean_strainer
                            read_vessel_charge
                            test_air_valve
                            set_vessel_charge
                            renew_bubble
                            test_cut_out
                            clean_air_filter
                            test_condensate
                            start_heat_pump_run
                            read_heat_pump
                            leave_site
                          ]
