# frozen_string_literal: true

Munimen::Work::Operation.define :start_found_cycle do
  part :tap
  place :tap
  title "Draw hot water, so that it heats up again"
  instrument "Bucket"
  how "About {draw}, until the heat comes on; then no water running until it goes off by itself."
  because "The heating that follows shows the pressure peak, with everything still as you found it."
  calculator :heat_up
  caution :scald
  needs lit_joints: :proven, heat: :on,
        max_hand: :reset,
        gauge: :fitted,
        heater_pressure: :live,
        heater_supply: :open,
        temperature: :hot,
        as_found: :yes
  after :read_static_pressure, :read_tap_temperature, :read_flowing_pressure
  read :drawn_volume, :volume, "Hot water drawn", optional: true
  water_wasted { |_| Munimen::Work::Durations::DRAW.si }
  uses_heat
  hands_on 120
  wait(
    manner: :on_site,
    label: "Heating up again, as found",
    holds: {
      heat: :on,
      heater_supply: :open,
      as_found: :yes,
      heater_pressure: :live,
      max_hand: :reset
    },
    makes: {
      cycle: :found
    }
  ) { |heater| Munimen::Work::Durations.recovery(heater) }
end
