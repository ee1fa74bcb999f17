# frozen_string_literal: true

Munimen::Work::Job.define :fit_vessel,
                          title: "Fit a first {vessel}",
                          suits: :without_vessel?,
                          operations: %i[
                            identify
                            look_over
                            read_static_pressure
                            fit_vessel
                            leave_site
                          ],
                          cures: %i[expansion_control]
