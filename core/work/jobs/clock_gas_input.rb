# frozen_string_literal: true

Munimen::Work::Job.define :clock_gas_input,
                          title: "Clock the gas input",
                          operations: %i[identify look_over clock_gas_meter leave_site]
