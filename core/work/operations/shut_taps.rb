# frozen_string_literal: true

Munimen::Work::Operation.define :shut_taps do
  part :tap
  place :tap
  title "Shut the {taps}"
  how "All that you opened; look at the gauge come back."
  because "The pressure must be live again for everything else."
  needs heater_supply: :open, heater_pressure: :flowing, air_in_pipes: :no, air_path: :tap
  makes heater_pressure: :live, air_path: :shut
  plain_act
  hands_on 20
end
