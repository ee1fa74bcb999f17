# frozen_string_literal: true

Munimen::Work::Job.define :after_refrigerant_leak,
                          title: "Back to a heat pump whose refrigerant leaked",
                          suits: :heat_pump?,
                          operations: %i[
                            identify
                            look_over
                            return_after_leak
                            confirm_mended
                            see_circuit_tight
                            leave_site
                          ],
                          cures: %i[refrigerant]
