# frozen_string_literal: true

Munimen::Work::Operation.define :refill_tank do
  part :cold_shut_off
  place :top
  title "Open the {supply_valve} and fill the tank"
  how "Slowly, with a hot {tap} open to let the air out. Watch every joint that was open."
  because "Full and free of air comes before any heat."
  needs heater_supply: :shut,
        relief: :shut,
        drain: :shut,
        opening: :fitted,
        air_path: :tap,
        discharge_pipe: :on,
        vessel: :fitted,
        strainer: :in,
        inlet_group: :in,
        house_supply: :open,
        level: %i[below_relief_port below_upper_element below_lower_element empty falling]
  makes heater_supply: :open, heater_pressure: :flowing, air_in_pipes: :yes, level: :full
  serves :level
  hands_on 30
  wait(manner: :attended, label: "Filling") do |heater, level|
    Munimen::Work::Durations.fill(heater, level)
  end
end
