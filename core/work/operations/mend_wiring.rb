# frozen_string_literal: true

Munimen::Work::Operation.define :mend_wiring do
  part :disconnect
  trade :electrical
  title "Mend terminals, covers and earth"
  how "Dead and proved. Cut back what is burnt, new terminals, covers and earth made; " \
      "nothing left that a finger reaches."
  because "What is exposed, wet or burnt can kill or burn."
  applies_to { |heater| heater.electric_sources.any? }
  needs feed: :proved_dead, covers: :off
  makes leads: :off, as_found: :no
  owes :measure_elements, :prove_earth
  only_when_asked
  hands_on 1200
end
