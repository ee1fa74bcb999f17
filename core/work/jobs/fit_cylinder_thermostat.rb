# frozen_string_literal: true

Munimen::Work::Job.define :fit_cylinder_thermostat,
                          title: "Fit a cylinder thermostat",
                          operations: %i[
                            identify
                            look_over
                            fit_cylinder_thermostat
                            test_controls
                            leave_site
                          ],
                          cures: %i[controls_chain]
