# frozen_string_literal: true

Munimen::Work::Job.define :clean_strainer,
                          title: "Clean the strainer",
                          operations: %i[
                            identify
                            look_over
                            clean_strainer
                            read_flowing_pressure
                            leave_site
                          ],
                          cures: %i[flow_rate]
