# frozen_string_literal: true

# Pipes and shells by a bare hand, where no thermometer is at hand: as weak as a hand is (ISO
# 13732-1, contact thresholds for bare metal, from memory: about 51 °C can be held for a minute,
# 60 °C for five seconds). Never for a verdict of safety.
held = { holds: "can be held, after 5 and 15 minutes as well",
         five: "can be held for five seconds, no longer, after 15 minutes",
         later: "cannot be held after 15 minutes",
         soon: "cannot be held after 5 minutes" }
hand = lambda do |id, text, measured, says|
  Munimen::Faults::Test.define(id) do
    ask text
    outcomes held
    no_normal
    minutes 6
    caution :scald
    stands_for measured, says
  end
end

hand.call :coil_flow_by_hand, "By hand: the flow pipe of the coil, from the start", :coil_flow,
          { holds: :warm, five: :warm, later: %i[hot warm], soon: :hot }
hand.call :coil_return_by_hand, "By hand: the return pipe of the coil, from the start",
          :coil_return, { holds: %i[cold cooler], five: :cooler, later: :as_hot, soon: :as_hot }
