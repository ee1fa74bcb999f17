# frozen_string_literal: true

Munimen::Work::Operation.define :lower_supply do
  part :house_main
  title "Bring the supply pressure down"
  how "Fit or mend the {regulator}; the heat stays off meanwhile."
  because "No part of the house is made for more than its plate."
  needs heat: :off, heater_supply: :shut, heater_pressure: :zero,
        house_supply: :shut, house_pressure: :zero
  makes static: :unknown, water_joints: :disturbed, as_found: :no
  only_when_asked
  owes :read_static_left
  hands_on 1800
end
