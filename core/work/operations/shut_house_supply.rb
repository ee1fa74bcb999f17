# frozen_string_literal: true

Munimen::Work::Operation.define :shut_house_supply do
  part :house_main
  place :entry
  title "Shut the house"
  how "Tell the household. Open a cold {tap} to let the pressure go."
  because "The inlet group comes out: nothing may push behind it."
  needs heat: %i[pilot off], house_supply: :open, heater_pressure: :zero
  secures
  makes house_supply: :shut, house_pressure: :zero
  plain_act
  hands_on 45
end
