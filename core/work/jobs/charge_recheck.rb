# frozen_string_literal: true

Munimen::Work::Job.define :charge_recheck,
                          title: "Re-check of the {vessel}'s charge",
                          operations: %i[
                            identify
                            look_over
                            read_static_pressure
                            read_vessel_charge
                            test_air_valve
                            set_vessel_charge
                            leave_site
                          ],
                          cures: %i[vessel_charge charge_set]
