# frozen_string_literal: true

Munimen::Work::Job.define :clean_coil,
                          title: "Clean the coil",
                          operations: %i[identify look_over clean_coil leave_site]
