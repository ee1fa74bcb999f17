# frozen_string_literal: true

Munimen::Work::Job.define :set_gas_pressures,
                          title: "Set the gas pressures",
                          operations: %i[
                            identify
                            look_over
                            read_line_pressure
                            read_operating_pressure
                            leave_site
                          ],
                          cures: %i[gas_pressures]
