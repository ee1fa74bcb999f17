# frozen_string_literal: true

Munimen::Work::Job.define :fit_cut_out,
                          title: "Fit or replace the {cut_out}",
                          suits: :cut_out?,
                          operations: %i[
                            identify
                            look_over
                            fit_cut_out
                            test_cut_out
                            press_high_limit
                            leave_site
                          ],
                          cures: %i[cut_out_seen high_limit_seen cut_out_test high_limit]
