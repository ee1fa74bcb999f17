# frozen_string_literal: true

Munimen::Work::Operation.define :fit_cut_out do
  part :cut_out
  trade :electrical
  title "Fit or reconnect the cut-out"
  how "Dead and proved. One on each heat source, reset by hand only, wired in series."
  because "The second tier must act before the relief valve does."
  applies_to { |heater| heater.unvented? || heater.electric? }
  needs feed: :proved_dead, covers: :off
  makes cut_out: :reset, controls: :disturbed, as_found: :no
  only_when_asked
  owes :test_cut_out, :press_high_limit
  hands_on 1200
end
