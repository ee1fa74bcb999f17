# frozen_string_literal: true

Munimen::Work::Job.define :replace_relief_valve,
                          title: "Replace the {relief_valve}",
                          operations: %i[
                            identify
                            look_over
                            check_discharge_pipe
                            replace_relief_valve
                            exercise_new_relief_valve
                            leave_site
                          ],
                          cures: %i[
                            relief_valve
                            relief_drip
                            relief_life
                            relief_rating
                            relief_setting
                            relief_plate
                            relief_present
                            new_relief_valve
                          ]
