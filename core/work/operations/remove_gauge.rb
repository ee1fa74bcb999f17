# frozen_string_literal: true

Munimen::Work::Operation.define :remove_gauge do
  part :house_main
  place :entry
  title "Take the gauge off"
  how "Shut its valve, bleed, take it off, see that it stays dry."
  because "Nothing of yours stays behind."
  needs gauge: :fitted
  makes gauge: :off, max_hand: :none
  packs_up
  after :read_static_pressure, :read_static_left, :read_flowing_pressure, :read_hot_peak_found,
:read_hot_peak_after
  plain_act
  hands_on 45
end
