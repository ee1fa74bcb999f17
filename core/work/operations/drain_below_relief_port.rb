# frozen_string_literal: true

Munimen::Work::Operation.define :drain_below_relief_port do
  part :drain_valve
  lets_hot_out
  place :bottom
  title "Drain below the relief valve's port"
  how "Open the drain. No flow and no air sucked: a check valve in the hot line, or a blocked " \
      "drain; then the relief valve is the way in for air."
  because "What is opened next must not be under water. Bottom water comes first; the top stays " \
          "hot, and so may be what runs out."
  caution :scald, :dry_fire
  needs heat: :off,
        heater_supply: :shut,
        heater_pressure: :zero,
        air_path: %i[tap relief],
        hose: :fitted,
        drain: :shut,
        level: %i[full falling]
  makes drain: :open, level: :falling, as_found: :no
  needs_under_house_rules(&Munimen::Work::DrainPolicy::HEAT)
  needs_when :by_lever, air_path: :relief
  needs_on(&Munimen::Work::DrainPolicy::DEAD)
  house_rules :drain_air, :drain_at_pilot
  water_wasted { |heater| heater.capacity.si * 0.2 }
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
      level: :below_relief_port
    }
  ) { |heater| Munimen::Work::Durations.drain(heater, 0.2) }
end
