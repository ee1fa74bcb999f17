# frozen_string_literal: true

Munimen::Work::Operation.define :drain_below_upper_element do
  part :drain_valve
  lets_hot_out
  place :bottom
  title "Drain below the upper {element}"
  how "Open the drain. No flow and no air sucked: a check valve in the hot line, or a blocked " \
      "drain; then the relief valve is the way in for air."
  because "What is opened next must not be under water."
  caution :scald, :dry_fire
  applies_to { |heater| heater.electric_sources.any? }
  needs heat: :off,
        heater_supply: :shut,
        heater_pressure: :zero,
        air_path: %i[tap relief],
        hose: :fitted,
        drain: :shut,
        level: %i[full below_relief_port falling]
  makes drain: :open, level: :falling, temperature: :cold, as_found: :no
  needs_under_house_rules(&Munimen::Work::DrainPolicy::HEAT)
  needs_when :by_lever, air_path: :relief
  needs_on(&Munimen::Work::DrainPolicy::DEAD)
  house_rules :drain_air, :drain_at_pilot
  water_wasted { |heater| heater.capacity.si * 0.75 }
  serves :level
  read :level_shown, :choice, "What shows that it is drained so far",
       choices: %i[measured_out port_passes_air], optional: true
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
      level: :below_upper_element
    }
  ) { |heater| Munimen::Work::Durations.drain(heater, 0.75) }
end
