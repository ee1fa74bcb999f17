# frozen_string_literal: true

Munimen::Work::Operation.define :test_condensate do
  part :compressor
  place :bottom
  protects :none
  title "Pour water into the condensate tray"
  how "Power off. Half a litre (a pint), slowly: all of it must come out at the far end, and " \
      "none under the {heater}."
  because "Water under a heat pump is the condensate more often than the tank."
  applies_to(&:heat_pump?)
  needs feed: %i[off proved_dead], lock: :on, looked: :yes
  read :condensate, :choice, "What was poured", choices: %i[runs_away backs_up leaks]
  tools "Jug"
  hands_on 120
end
