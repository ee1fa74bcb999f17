# frozen_string_literal: true

Munimen::Work::Job.define :pressure_check,
                          title: "Supply pressure and hot peak",
                          operations: %i[
                            identify
                            look_over
                            read_static_pressure
                            read_tap_temperature
                            read_hot_peak_found
                            leave_site
                          ]
