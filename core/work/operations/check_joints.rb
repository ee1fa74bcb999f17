# frozen_string_literal: true

Munimen::Work::Operation.define :check_joints do
  part :tank
  protects "joints that were opened", told_by: %i[joints]
  place :side
  title "Look at every joint that was opened"
  instrument "Torch, dry paper"
  how "Dry paper round each joint, at full pressure."
  because "A drip found now costs a minute; found tomorrow, a floor."
  needs level: :full, heater_pressure: :live
  makes water_joints: :proven
  read :joints, :choice, "Every joint", choices: %i[dry drips]
  repeatable
  makes_from_readings do |visit|
    visit.choice(:joints) == :drips ? { water_joints: :disturbed } : {}
  end
  hands_on 60
end
