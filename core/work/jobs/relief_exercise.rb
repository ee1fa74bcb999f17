# frozen_string_literal: true

Munimen::Work::Job.define :relief_exercise,
                          title: "Exercise of the {relief_valve}",
                          operations: %i[
                            identify
                            look_over
                            check_discharge_pipe
                            exercise_relief_valve
                            exercise_expansion_relief
                            leave_site
                          ]
