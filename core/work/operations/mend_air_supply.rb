# frozen_string_literal: true

Munimen::Work::Operation.define :mend_air_supply do
  part :compressor
  title "Give the heat pump air of its own"
  how "Ducts both ways, or another room: nothing of its fan may draw on the flue."
  because "What it blows out somewhere comes in through the flue."
  applies_to(&:heat_pump?)
  needs feed: %i[off proved_dead], lock: :on, heat: :off
  makes as_found: :no
  only_when_asked
  owes :prove_air_supply
  hands_on 3600
end
