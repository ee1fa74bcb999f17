# frozen_string_literal: true

Munimen::Work::Job.define :flush,
                          title: "Flush the tank",
                          operations: %i[identify look_over flush_bursts lay_paper leave_site],
                          cures: %i[flush_result]
