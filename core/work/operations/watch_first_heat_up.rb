# frozen_string_literal: true

Munimen::Work::Operation.define :watch_first_heat_up do
  part :tank
  place :side
  title "Let the tank heat up, the maximum hand watching"
  instrument "Pressure gauge with maximum hand"
  how "No water running until the heat goes off by itself. Listen and look: the first heating " \
      "shows what was disturbed."
  because "Heating the whole tank from cold is the longest cycle there is: the peak that it " \
          "leaves on the hand is the one to judge."
  needs lit_joints: :proven, heat: :on,
        level: :full,
        heater_supply: :open,
        heater_pressure: :live,
        temperature: :cold,
        gauge: :fitted,
        max_hand: :reset,
        drip_watch: :finished
  serves :cycle
  after :exercise_relief_valve,
        :exercise_expansion_relief,
        :read_flowing_pressure,
        :test_controls,
        :set_vessel_charge,
        :read_vessel_charge
  uses_heat
  hands_on 10
  wait(
    manner: :on_site,
    label: "Heating up from cold, as left",
    holds: {
      heat: :on,
      level: :full,
      heater_supply: :open,
      air_path: :shut,
      heater_pressure: :live,
      max_hand: :reset
    },
    makes: {
      temperature: :hot,
      cycle: :final
    }
  ) { |heater| Munimen::Work::Durations.heat_up(heater) }
end
