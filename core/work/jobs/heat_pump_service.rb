# frozen_string_literal: true

Munimen::Work::Job.define :heat_pump_service,
                          title: "Service the heat pump",
                          suits: :heat_pump?,
                          operations: %i[
                            identify
                            look_over
                            clean_air_filter
                            test_condensate
                            start_heat_pump_run
                            read_heat_pump
                            leave_site
                          ],
                          cures: %i[heat_pump_filter condensate heat_pump_air_drop]
