# frozen_string_literal: true

Munimen::Work::Operation.define :fit_gauge do
  part :house_main
  place :entry
  title "Fit the gauge with the maximum hand"
  instrument "Pressure gauge with maximum hand, at least 1.5 times the expected pressure"
  how "{gauge_point} Bleed it, turn the maximum hand down to the needle."
  because "It reads the supply now, and keeps the hot peak while you work elsewhere."
  needs looked: :yes, house_supply: :open, house_pressure: :live, gauge: :off
  makes gauge: :fitted, max_hand: :reset
  plain_act
  hands_on 60
end
