# frozen_string_literal: true

Munimen::Work::Operation.define :return_when_cleared do
  part :site
  whatever_stands
  comes_back
  place :front
  trade :gas
  title "Cleared from outside: isolated, aired, smell or CO gone"
  how "Only after the emergency service or the gas-qualified person has isolated it, the " \
      "rooms are aired, and the instrument reads nothing."
  because "Only then may the cause be looked for."
  applies_to(&:gas?)
  only_when_asked
  needs left: :evacuated
  superfluous do |visit|
    "Nobody had to go out." unless visit.state[:left] == :evacuated || visit.terms.evacuation?
  end
  read :air_cleared, :choice, "Isolated, aired, and by the meter", choices: %i[clear still_there]
  makes on_site: :yes,
        left: :no,
        heat: :off,
        cock: :shut,
        pilot_flame: :out,
        dial: :changed,
        as_found: :no
  makes_from_readings do |visit|
    visit.choice(:air_cleared) == :still_there ? { left: :evacuated, on_site: :no } : {}
  end
  instrument "Gas detector, CO meter"
  repeatable
  hands_on 120
end
