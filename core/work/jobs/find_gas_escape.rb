# frozen_string_literal: true

Munimen::Work::Job.define :find_gas_escape,
                          title: "Find and mend an escape of gas",
                          suits: :gas?,
                          operations: %i[
                            identify
                            look_over
                            return_when_cleared
                            mend_gas_escape
                            prove_gas_joints
                            leave_site
                          ],
                          cures: %i[gas_smell_seen pilot_held gas_pressures]
