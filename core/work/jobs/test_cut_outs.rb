# frozen_string_literal: true

Munimen::Work::Job.define :test_cut_outs,
                          title: "Test the cut-outs",
                          operations: %i[
                            identify
                            look_over
                            test_cut_out
                            press_high_limit
                            leave_site
                          ],
                          cures: %i[high_limit]
