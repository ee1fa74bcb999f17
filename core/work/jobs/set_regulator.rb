# frozen_string_literal: true

Munimen::Work::Job.define :set_regulator,
                          title: "Adjust, fit or replace the {regulator}",
                          operations: %i[
                            identify
                            look_over
                            read_static_pressure
                            lower_supply
                            read_static_left
                            leave_site
                          ],
                          cures: %i[static_pressure regulator regulator_seen]
