# frozen_string_literal: true

Munimen::Work::Operation.define :measure_elements do
  part :disconnect
  protects "{elements}", told_by: %i[element element_lower]
  place :side
  trade :electrical
  wants :element_upper, :element_lower, :element_voltage, :immersion_power,
        because: "The ohms are judged by watts and volts."
  title "Measure the {elements}"
  instrument "Multimeter, insulation tester"
  how "One lead off for ohms; both off for the insulation test, electronics disconnected, " \
      "discharge afterwards."
  because "Open, earthed or of another rating: ohms tell."
  photographs "The {elements} and their terminals"
  caution :two_feeds
  applies_to { |heater| heater.electric_sources.any? }
  needs feed: :proved_dead, covers: :off
  makes leads: :off, as_found: :no
  read :element_resistance, :resistance, "Terminal to terminal (upper, or the only one)"
  read :element_earth, :insulation, "Terminal to sheath, at 500 V"
  read :element_resistance_lower,
       :resistance,
       "Terminal to terminal, lower",
       on: ->(heater) { heater.elements? && heater.element_lower && heater.element_upper }
  read :element_earth_lower,
       :insulation,
       "Lower, terminal to sheath",
       on: ->(heater) { heater.elements? && heater.element_lower && heater.element_upper }
  tools "Multimeter", "Insulation tester"
  calculator :element, gives: { resistance: :element_resistance }
  hands_on 240
  repeatable
end
