# frozen_string_literal: true

Munimen::Work::Job.define :renew_bubble,
                          title: "Renew the air bubble",
                          operations: %i[
                            identify
                            look_over
                            check_discharge_pipe
                            renew_bubble
                            leave_site
                          ]
