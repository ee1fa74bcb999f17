# frozen_string_literal: true

# Handbook §27: the refrigerant circuit is never opened here; whoever is certified has been.
Munimen::Work::Operation.define :return_after_leak do
  part :site
  whatever_stands
  comes_back
  place :front
  trade :plumber
  title "Cleared: aired, and whoever is certified has made the circuit safe"
  how "Only after the rooms are aired from bottom to top, and whoever is certified for " \
      "refrigerants has been there and says that one may go in."
  because "Only then may anybody go near it again."
  applies_to(&:heat_pump?)
  only_when_asked
  needs left: :evacuated
  superfluous do |visit|
    "Nobody had to go out." unless visit.state[:left] == :evacuated || visit.terms.evacuation?
  end
  read :circuit_cleared, :choice, "Aired, and cleared by whoever is certified",
       choices: %i[clear still_there]
  makes on_site: :yes, left: :no, heat: :off, as_found: :no
  makes_from_readings do |visit|
    visit.choice(:circuit_cleared) == :still_there ? { left: :evacuated, on_site: :no } : {}
  end
  repeatable
  hands_on 120
end
