# frozen_string_literal: true

Munimen::Work::Job.define :confirm_mended,
                          title: "See what was put right since the last visit",
                          operations: %i[identify look_over confirm_mended leave_site]
