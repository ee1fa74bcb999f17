# frozen_string_literal: true

Munimen::Work::Operation.define :reset_max_hand do
  part :house_main
  place :entry
  title "Turn the maximum hand down again"
  how "To the needle, after the lever test and with everything back in service."
  because "The lever test and the work have moved it; a second peak needs a clean start."
  needs gauge: :fitted, heater_pressure: :live
  makes max_hand: :reset
  plain_act
  hands_on 20
end
