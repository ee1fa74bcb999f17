# frozen_string_literal: true

Munimen::Work::Job.define :mend_controls,
                          title: "Replace the thermostat or mend its circuit",
                          operations: %i[
                            identify
                            look_over
                            mend_controls
                            test_controls
                            prove_thermostat
                            leave_site
                          ],
                          cures: %i[thermostat_stops controls_chain dial_seen]
