# frozen_string_literal: true

# A relief valve and its pipe: by the plate of the new one, and by what was seen. Common practice.

clue = Munimen::Facts::Clue.method(:define)

clue.call(:relief_set_pressure) { read :new_relief_pressure }
clue.call(:relief_set_temperature) { read :new_relief_temperature }
clue.call(:relief_rating) { read :new_relief_rating }
clue.call(:relief_fitted) { done :replace_relief_valve, :today }
clue.call(:tundish) do
  seen :tundish_place, { sound: :yes, hidden: :yes, above: :yes, missing: :no }
end
clue.call(:discharge_ends) { seen :discharge_present, { none: :none, none_people: :none } }
