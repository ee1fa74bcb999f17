# frozen_string_literal: true

Munimen::Work::Job.define :clear_away,
                          title: "Clear what is stored beside it",
                          operations: %i[
                            identify
                            look_over
                            clear_away
                            leave_site
                          ],
                          cures: %i[access]
