# frozen_string_literal: true

Munimen::Work::Operation.define :replace_elements do
  part :disconnect
  place :side
  trade :electrical
  title "Replace the {element}"
  how "Same rating and length. New gasket: hand tight plus an eighth to a quarter turn."
  because "A burnt-out or earthed {element} is not mended."
  applies_to { |heater| heater.electric_sources.any? }
  needs feed: :proved_dead,
        covers: :off,
        leads: :off,
        heat: :off,
        heater_supply: :shut,
        heater_pressure: :zero,
        drain: :shut,
        level: :empty
  makes "opening.upper_element": :fitted,
        "opening.lower_element": :fitted,
        "opening.element": :fitted,
        "opening.immersion": :fitted,
        water_joints: :disturbed,
        as_found: :no
  tools "Element socket"
  materials "Element of the same rating", "Gasket"
  only_when_asked
  part_kind :element
  hands_on 900
  renews :element_resistance,
         :element_earth,
         :element_resistance_lower,
         :element_earth_lower
  owes :measure_elements
end
