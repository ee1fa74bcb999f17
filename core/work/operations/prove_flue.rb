# frozen_string_literal: true

Munimen::Work::Operation.define :prove_flue do
  part :flue
  protects "flue", told_by: %i[draught]
  trade :plumber # no gas part is touched
  title "Prove the sealed flue and the CO in the room"
  how "Burner on for five minutes, windows shut. Joints and terminal seen; the CO meter in " \
      "the room, then at every joint."
  because "Flue gas that leaks carries carbon monoxide."
  applies_to { |heater| heater.gas? && heater.hood == :sealed }
  needs lit_joints: :proven, heat: :on, cock: :open, level: :full, looked: :yes,
burner_door: :sealed
  read :draught, :choice, "At the joints", choices: %i[drawn_in spills]
  read :room_co, :carbon_monoxide, "CO in the room"
  recommissions
  only_when_asked
  repeatable
  caution :co, :hot_flue
  instrument "CO meter"
  hands_on 300
end
