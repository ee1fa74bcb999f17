# frozen_string_literal: true

Munimen::Work::Job.define :inspection,
                          title: "Inspection, by looking",
                          operations: %i[identify look_over check_discharge_pipe leave_site]
