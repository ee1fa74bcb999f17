# frozen_string_literal: true

Munimen::Work::Job.define :measure_coil,
                          title: "Measure the coil",
                          operations: %i[identify look_over read_coil_before leave_site]
