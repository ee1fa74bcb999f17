# frozen_string_literal: true

Munimen::Work::Job.define :replace_vessel,
                          title: "Replace the {vessel}",
                          suits: :vessel?,
                          operations: %i[
                            identify
                            look_over
                            read_static_pressure
                            replace_vessel
                            leave_site
                          ],
                          cures: %i[air_valve expansion_control vessel_size]
