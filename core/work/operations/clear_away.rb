# frozen_string_literal: true

Munimen::Work::Operation.define :clear_away do
  part :tank
  protects :none
  title "Move away what can burn"
  how "Paint, fuel and rags go out of the room; the floor around the {heater} stays clear."
  because "What is stored beside it can catch fire."
  makes as_found: :no
  only_when_asked
  hands_on 300
end
