# frozen_string_literal: true

Munimen::Work::Job.define :leak_check,
                          title: "Leak check after a day",
                          operations: %i[identify look_over read_paper leave_site]
