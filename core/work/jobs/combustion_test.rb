# frozen_string_literal: true

Munimen::Work::Job.define :combustion_test,
                          title: "Measure the combustion",
                          operations: %i[identify look_over test_combustion leave_site]
