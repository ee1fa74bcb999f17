# frozen_string_literal: true

Munimen::Work::Operation.define :refit_elements do
  part :disconnect
  place :side
  trade :electrical
  title "Put the {elements} back in"
  how "New gasket, clean face; hand tight plus an eighth to a quarter turn."
  because "The tank is open until they are in; nothing is filled before."
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
        water_joints: :disturbed
  tools "Element socket"
  materials "Gasket"
  hands_on 300
end
