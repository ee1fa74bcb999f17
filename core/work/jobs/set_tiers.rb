# frozen_string_literal: true

Munimen::Work::Job.define :set_tiers,
                          title: "Put the settings of the safety devices in order",
                          operations: %i[
                            identify
                            look_over
                            set_tiers
                            prove_tiers
                            leave_site
                          ],
                          cures: %i[tier_order]
