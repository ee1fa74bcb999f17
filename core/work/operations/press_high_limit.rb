# frozen_string_literal: true

Munimen::Work::Operation.define :press_high_limit do
  part :high_limit
  protects "high limit", told_by: %i[high_limit]
  place :side
  trade :electrical
  title "Press the {high_limit}'s red button"
  how "Dead and proved, cover off. A click: it had tripped. Both thermostats and each {element} " \
      "to {earth} come before it heats again."
  because "It opens only when the thermostats have not: it is never only reset."
  caution :two_feeds, :scald
  applies_to(&:electric?)
  needs feed: :proved_dead, covers: :off
  apart "cut_out.high_limit": :tripped
  makes as_found: :no
  read :high_limit_found, :choice, "It was", choices: %i[set tripped]
  only_when_asked
  hands_on 30
end
