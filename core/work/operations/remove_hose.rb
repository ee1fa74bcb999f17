# frozen_string_literal: true

Munimen::Work::Operation.define :remove_hose do
  part :drain_valve
  place :bottom
  title "Take the hose off"
  how "Let it run empty first. Paper under the valve shows a slow leak: leave it a day."
  because "Nothing of yours stays behind; a drip shows now."
  needs hose: :fitted, drain: :shut
  makes hose: :off
  tools "Paper towels"
  plain_act
  hands_on 45
end
