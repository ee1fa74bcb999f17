# frozen_string_literal: true

Munimen::Work::Job.define :replace_inlet_group,
                          title: "Replace the inlet group",
                          operations: %i[
                            identify
                            look_over
                            replace_inlet_group
                            read_static_pressure
                            leave_site
                          ],
                          cures: %i[inlet_group]
