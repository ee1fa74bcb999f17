# frozen_string_literal: true

Munimen::Hazards::Hazard.define :relief_runs_on do
  title "The {relief_valve} does not shut"
  part :relief_valve
  read relief_closes: :runs_on, new_relief_closes: :runs_on, relief_drip: :runs
  safe heat: :off, heater_supply: :shut
  bars :exercise_relief_valve, :open_relief_for_air, :renew_bubble
  repaired_by :replace_relief_valve
  cleared_by :exercise_new_relief_valve
  source Munimen::Source.common_practice(
    "a valve that will not shut after its test: heat off and cold inlet shut first"
  )
end
