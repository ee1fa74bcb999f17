# frozen_string_literal: true

Munimen::Work::Job.define :draught_test,
                          title: "Test the {draught}",
                          operations: %i[identify look_over test_draught leave_site]
