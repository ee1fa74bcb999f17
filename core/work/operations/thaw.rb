# frozen_string_literal: true

Munimen::Work::Operation.define :thaw do
  part :tank
  title "Thaw it, and see that it is whole"
  how "Warm air only, no flame. Supply shut until it is clear; then slowly open."
  because "Ice shuts the relief valve and the vent: heat would burst it."
  needs heat: :off, heater_supply: :shut
  makes water_joints: :disturbed, as_found: :no
  only_when_asked
  owes :check_joints
  hands_on 1800
end
