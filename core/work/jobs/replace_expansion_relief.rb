# frozen_string_literal: true

Munimen::Work::Job.define :replace_expansion_relief,
                          title: "Replace the {expansion_relief}",
                          suits: :unvented?,
                          operations: %i[
                            identify
                            look_over
                            check_discharge_pipe
                            replace_expansion_relief
                            exercise_expansion_relief
                            leave_site
                          ],
                          cures: %i[expansion_relief relief_drip.expansion_relief
                                    expansion_relief_seen]
