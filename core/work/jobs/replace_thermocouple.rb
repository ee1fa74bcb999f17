# frozen_string_literal: true

Munimen::Work::Job.define :replace_thermocouple,
                          title: "Replace the thermocouple",
                          operations: %i[identify look_over replace_thermocouple leave_site],
                          cures: %i[pilot pilot_held]
