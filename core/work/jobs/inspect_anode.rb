# frozen_string_literal: true

Munimen::Work::Job.define :inspect_anode,
                          title: "Inspect the anode",
                          operations: %i[identify look_over inspect_anode leave_site]
