# frozen_string_literal: true

Munimen::Work::Operation.define :prove_earth do
  part :disconnect
  protects "{earth} of the {heater}", told_by: %i[earth_continuity]
  place :side
  trade :electrical
  title "Prove the {earth}, from the terminal to the metal"
  instrument "Continuity tester"
  how "Dead and proved: from the supply's {earth} to the {heater}'s body, its covers and the " \
      "metal pipes. It must hold, with every screw tight."
  because "Without it a fault makes the metal live, and nothing trips."
  applies_to { |heater| heater.electric_sources.any? }
  needs feed: :proved_dead, covers: :off
  read :earth_continuity, :choice, "From the {earth} to the metal", choices: %i[holds open]
  only_when_asked
  repeatable
  recommissions
  hands_on 120
end
