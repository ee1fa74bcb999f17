# frozen_string_literal: true

Munimen::Work::Job.define :check_elements,
                          title: "Check the {elements}",
                          operations: %i[identify look_over measure_elements leave_site]
