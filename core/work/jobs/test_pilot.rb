# frozen_string_literal: true

Munimen::Work::Job.define :test_pilot,
                          title: "Test pilot and generator",
                          operations: %i[identify look_over test_pilot leave_site]
