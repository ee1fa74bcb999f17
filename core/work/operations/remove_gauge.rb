# frozen_string_literal: true

Munimen::Work::Operation.define :remove_gauge do
  part :house_main
  place :entry
  title "Take the gauge off"
  how "Shut its valve, bleed, take it off, see that it stays dry."
  because "Nothing of yours stays behind."
  needs gauge: :fitted
  makes gauge: :off, max_hand: :none
  hands_on 45
end
