# frozen_string_literal: true

# A relief valve and its pipe, by what was done and seen; what is read on the plate of a new one
# is said by the operation that fits it. Common practice.

clue = Munimen::Facts::Clue.method(:define)

clue.call(:relief_fitted) { done :replace_relief_valve, :today }
clue.call(:tundish) do
  seen :tundish_place, { sound: :yes, hidden: :yes, above: :yes, missing: :no }
end
clue.call(:discharge_ends) { seen :discharge_present, { none: :none, none_people: :none } }
