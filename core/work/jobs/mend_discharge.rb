# frozen_string_literal: true

Munimen::Work::Job.define :mend_discharge,
                          title: "Put the discharge pipe right",
                          operations: %i[
                            identify
                            look_over
                            check_discharge_pipe
                            mend_discharge
                            see_discharge_run
                            leave_site
                          ],
                          cures: %i[discharge_present discharge_size discharge_material
                                    discharge_own discharge_fall discharge_open
                                    discharge_thread discharge_place discharge_gap
                                    discharge_height discharge_upc_end discharge_clear d1_run
                                    tundish_place d2_route discharge_sizes outlet_height]
