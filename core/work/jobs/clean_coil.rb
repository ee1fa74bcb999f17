# frozen_string_literal: true

Munimen::Work::Job.define :clean_coil,
                          title: "Clean the coil",
                          operations: %i[
                            identify
                            look_over
                            read_coil_before
                            clean_coil
                            read_coil_after
                            leave_site
                          ],
                          cures: %i[coil_before]
