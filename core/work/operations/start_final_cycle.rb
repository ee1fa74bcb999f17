# frozen_string_literal: true

Munimen::Work::Operation.define :start_final_cycle do
  part :tap
  place :tap
  title "Draw hot water and let it heat up once more"
  instrument "Bucket"
  how "About {draw} as before, so that the heat comes on; then no water running until it goes " \
      "off by itself."
  because "Only a heating cycle shows what pressure the tank reaches as you leave it."
  caution :scald
  needs lit_joints: :proven, heat: :on,
        max_hand: :reset,
        heater_pressure: :live,
        heater_supply: :open,
        temperature: :hot,
        drip_watch: :finished,
        gauge: :fitted
  after :exercise_relief_valve,
        :exercise_expansion_relief,
        :read_flowing_pressure,
        :test_controls,
        :set_vessel_charge,
        :read_vessel_charge
  water_wasted { |_| Munimen::Work::Durations::DRAW.si }
  uses_heat
  hands_on 120
  wait(
    manner: :on_site,
    label: "Heating up again, as left",
    holds: {
      heat: :on,
      heater_supply: :open,
      air_path: :shut,
      heater_pressure: :live,
      max_hand: :reset
    },
    makes: {
      cycle: :final
    }
  ) { |heater| Munimen::Work::Durations.recovery(heater) }
end
