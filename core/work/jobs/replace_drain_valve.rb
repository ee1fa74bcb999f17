# frozen_string_literal: true

Munimen::Work::Job.define :replace_drain_valve,
                          title: "Replace the drain valve",
                          operations: %i[
                            identify
                            look_over
                            replace_drain_valve
                            lay_paper
                            leave_site
                          ],
                          cures: %i[paper drain_valve]
