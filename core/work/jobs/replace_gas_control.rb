# frozen_string_literal: true

Munimen::Work::Job.define :replace_gas_control,
                          title: "Replace the gas control",
                          operations: %i[
                            identify
                            look_over
                            replace_gas_control
                            read_line_pressure
                            read_operating_pressure
                            leave_site
                          ]
