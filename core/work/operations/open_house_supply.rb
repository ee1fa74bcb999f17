# frozen_string_literal: true

Munimen::Work::Operation.define :open_house_supply do
  part :house_main
  place :entry
  title "Open the house again"
  how "Slowly; shut the cold {tap} when water runs from it without air."
  because "Slowly, and look at the new joints as it comes."
  needs house_supply: :shut, inlet_group: :in
  makes house_supply: :open, house_pressure: :live
  plain_act
  hands_on 30
end
