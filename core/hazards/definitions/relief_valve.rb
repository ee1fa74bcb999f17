# frozen_string_literal: true

Munimen::Hazards::Hazard.define :relief_valve do
  title "The {relief_valve} does not protect the tank"
  part :relief_valve
  tells :relief_rating, :relief_setting, :relief_temperature
  seen relief_present: %i[missing plugged], relief_plate: :rated_low
  read relief_lever: :will_not_lift, relief_flow: :none, new_relief_flow: %i[weak none]
  found do |visit|
    heater = visit.heater
    set = heater.relief_set_pressure
    tank = heater.design_pressure
    rating = heater.relief_rating
    input = heater.heat_input
    (set && tank && set.si > tank.si + 1.0) || (rating && input && rating < input) ||
      (heater.relief_set_temperature &&
        visit.rules.limit(:relief_temperature)&.violated_by(heater.relief_set_temperature))
  end
  bars :exercise_relief_valve, :open_relief_for_air, :renew_bubble
  repaired_by :replace_relief_valve
  cleared_by :exercise_new_relief_valve
  source Munimen::Source.published(
    "ANSI Z21.22, BS EN 1490", "relief valves", clause: :from_memory
  )
end
