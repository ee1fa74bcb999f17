# frozen_string_literal: true

Munimen::Work::Operation.define :drain_empty do
  part :drain_valve
  lets_hot_out
  place :bottom
  title "Drain the tank empty"
  how "Open the drain. No flow and no air sucked: a check valve in the hot line, or a blocked " \
      "drain; then the relief valve is the way in for air."
  because "What is opened next must not be under water."
  caution :scald, :dry_fire
  needs heat: :off,
        heater_supply: :shut,
        heater_pressure: :zero,
        air_path: %i[tap relief],
        hose: :fitted,
        drain: :shut,
        level: %i[full below_relief_port below_upper_element below_lower_element falling]
  makes drain: :open, level: :falling, temperature: :cold, as_found: :no
  needs_under_house_rules(&Munimen::Work::DrainPolicy::HEAT)
  needs_when :by_lever, air_path: :relief
  needs_on(&Munimen::Work::DrainPolicy::DEAD)
  house_rules :drain_air, :drain_at_pilot
  water_wasted { |heater| heater.capacity.si * 1 }
  serves :level
  read :level_shown, :choice, "What shows that it is drained so far",
       choices: %i[drain_passes_air rodded_and_dry], optional: true
  shown_by :level_shown, :heater_supply, :heater_pressure, :heat, :feed
  hands_on 30
  wait(
    manner: :on_site,
    label: "Draining",
    holds: {
      drain: :open,
      heater_supply: :shut,
      air_path: %i[tap relief],
      heat: %i[pilot off]
    },
    makes: {
      level: :empty
    }
  ) { |heater| Munimen::Work::Durations.drain(heater, 1) }
end
