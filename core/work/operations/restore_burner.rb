# frozen_string_literal: true

Munimen::Work::Operation.define :restore_burner do
  part :gas_control
  recalls :dial_position, :knob_found
  place :bottom
  trade :plumber
  title "Turn the burner on, the dial back where it was"
  how "Smell at floor level first. Knob to ON, dial to the position that you wrote down; see the " \
      "burner light."
  because "The dial left in the wrong place is the commonest thing forgotten."
  caution :gas_smell
  applies_to(&:gas?)
  needs looked: :yes, level: :full,
        heater_pressure: :live,
        air_in_pipes: :no,
        opening: :fitted,
        relief: :shut,
        discharge_pipe: :on,
        heater_supply: :open,
        drain: :shut,
        water_joints: :proven,
        gas_joints: :proven,
        burner_door: :sealed,
        since_gas: :clear,
        pilot_flame: :lit,
        cock: :open,
        union: :made,
        heat: %i[pilot off]
  after :exercise_new_relief_valve
  makes heat: :on, dial: :restored
  hands_on 60
end
