# frozen_string_literal: true

Munimen::Work::Operation.define :descale_elements do
  part :disconnect
  place :side
  trade :electrical
  title "Take the {elements} out and descale them"
  how "Soak, rinse, measure again: the ohms should be the same before and after."
  because "Scale buries the lower one first; weigh it up against a new one."
  applies_to { |heater| heater.electric_sources.any? }
  needs feed: :proved_dead,
        covers: :off,
        leads: :off,
        heat: :off,
        heater_supply: :shut,
        heater_pressure: :zero,
        drain: :shut,
        level: :empty
  makes "opening.upper_element": :removed,
        "opening.lower_element": :removed,
        "opening.element": :removed,
        "opening.immersion": :removed,
        as_found: :no
  read :element_resistance_descaled, :resistance, "Terminal to terminal, after descaling",
       optional: true
  tools "Element socket"
  materials "Descaler"
  spared_by :replace_elements
  only_when_asked
  hands_on 1200
end
