# frozen_string_literal: true

Munimen::Work::Job.define :mend_gas_supply,
                          title: "Put the gas supply right",
                          suits: :gas?,
                          operations: %i[
                            identify
                            look_over
                            mend_gas_supply
                            read_line_pressure
                            read_operating_pressure
                            leave_site
                          ],
                          cures: %i[gas_pressures gas_shut_off]
