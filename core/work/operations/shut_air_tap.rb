# frozen_string_literal: true

Munimen::Work::Operation.define :shut_air_tap do
  part :tap
  place :tap
  title "Shut the {tap} that let the air in"
  how "Every {tap} that you opened, hot and cold."
  because "When the water comes back, nobody may be standing before an open {tap}."
  needs heater_supply: :shut, air_path: :tap, relief: :shut
  makes air_path: :shut
  hands_on 20
end
