# frozen_string_literal: true

Munimen::Work::Operation.define :test_draught do
  part :flue
  protects "{draught}", told_by: %i[draught]
  place :top
  trade :plumber # no gas part is touched
  title "Test the {draught}, worst case"
  instrument "Smoke or mirror, CO meter"
  how "Windows shut, every fan and the dryer on, inner doors as worst; burner five minutes; " \
      "smoke at the hood drawn in, or a mirror that stays clear."
  because "Flue gas that spills carries carbon monoxide."
  caution :co, :hot_flue
  applies_to { |heater| heater.gas? && heater.hood != :sealed }
  needs lit_joints: :proven, heat: :on, cock: :open, level: :full, looked: :yes,
burner_door: :sealed
  read :draught, :choice, "At the hood", choices: %i[drawn_in spills]
  read :room_co, :carbon_monoxide, "CO in the room"
  tools "CO meter", "Smoke or mirror"
  recommissions
  hands_on 120
  repeatable
end
