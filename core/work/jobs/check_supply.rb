# frozen_string_literal: true

Munimen::Work::Job.define :check_supply,
                          title: "Read the supply at the {elements}",
                          operations: %i[identify look_over read_live_voltage leave_site]
