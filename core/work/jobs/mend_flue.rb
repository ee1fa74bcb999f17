# frozen_string_literal: true

Munimen::Work::Job.define :mend_flue,
                          title: "Mend the flue",
                          suits: :gas?,
                          operations: %i[
                            identify
                            look_over
                            mend_flue
                            test_draught
                            prove_flue
                            leave_site
                          ],
                          cures: %i[flue draft_hood flue_damper flue_size trim_rings combustion_air
                                    draught]
