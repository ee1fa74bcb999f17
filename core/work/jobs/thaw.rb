# frozen_string_literal: true

Munimen::Work::Job.define :thaw,
                          title: "Thaw it, and see that it is tight",
                          operations: %i[
                            identify
                            look_over
                            thaw
                            check_joints
                            leave_site
                          ],
                          cures: %i[leak]
