# frozen_string_literal: true

Munimen::Work::Operation.define :heat_tank_up do
  part :tank
  place :side
  title "Let the tank heat up"
  how "Nothing drawn meanwhile. Listen and look: the first heating shows what was disturbed."
  because "What is judged hot needs a hot tank."
  needs lit_joints: :proven, heat: :on, level: :full, heater_supply: :open, heater_pressure: :live,
temperature: :cold
  uses_heat
  hands_on 10
  wait(
    manner: :on_site,
    label: "Heating up from cold",
    holds: {
      heat: :on,
      level: :full,
      heater_supply: :open
    },
    makes: {
      temperature: :hot
    }
  ) { |heater| Munimen::Work::Durations.heat_up(heater) }
end
