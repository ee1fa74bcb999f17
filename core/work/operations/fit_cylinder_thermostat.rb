# frozen_string_literal: true

Munimen::Work::Operation.define :fit_cylinder_thermostat do
  part :thermostat
  place :side
  trade :electrical
  title "Fit the cylinder thermostat"
  how "Feed cables through the gland first. Core colours prove nothing: identify each by " \
      "continuity, mark it, then join. Re-make the {earth}."
  because "The first of three tiers; without it the second works every day."
  caution :two_feeds
  applies_to { |heater| heater.coil? && heater.unvented? }
  needs feed: :proved_dead, covers: :off
  makes controls: :disturbed, as_found: :no
  materials "Cylinder thermostat"
  only_when_asked
  owes :test_controls
  hands_on 1500
end
