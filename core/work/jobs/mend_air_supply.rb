# frozen_string_literal: true

Munimen::Work::Job.define :mend_air_supply,
                          title: "Give the heat pump air of its own",
                          suits: :heat_pump?,
                          operations: %i[identify look_over mend_air_supply prove_air_supply
                                         leave_site],
                          cures: %i[heat_pump_air air_supply_proved]
