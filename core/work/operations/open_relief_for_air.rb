# frozen_string_literal: true

Munimen::Work::Operation.define :open_relief_for_air do
  part :relief_valve
  lets_hot_out
  place :side
  title "Open the {relief_valve} for air"
  how "Lift the lever and leave it up, once the pressure is gone and before the drain is opened. " \
      "Gurgling there tells where the level is."
  because "No flow and no air sucked at the tap: the valve is the way in that always works."
  caution :scald, :stand_aside
  needs heat: %i[pilot off],
        heater_supply: :shut,
        heater_pressure: :zero,
        air_path: :tap,
        relief: :shut,
        discharge_pipe: :on,
        discharge: :seen_safe,
        consent: :given
  makes air_path: :relief, relief: :open, as_found: :no
  house_rules :drain_air
  forbidden { |visit| Munimen::Work::ReliefPolicy.refusal(visit) }
  hands_on 15
end
