# frozen_string_literal: true

Munimen::Work::Operation.define :read_live_voltage do
  part :disconnect
  protects "electrical supply", told_by: %i[supply_legs]
  place :side
  trade :electrical
  title "Read the supply live at the {element}"
  instrument "Two-pole tester, insulated gloves"
  how "Power off; cover, insulation and guard off, but treated as live. Power on, read, power " \
      "off, read again: zero at every {element}. " \
      "The earth that you measure against is proved first, against a live leg. Guards, " \
      "insulation and covers back before the power."
  because "A lost leg, or one that stays live with its thermostat satisfied, shows in no other way."
  caution :two_feeds
  applies_to { |heater| heater.electric_sources.any? }
  needs looked: :yes, feed: :live, covers: :on, level: :full, air_in_pipes: :no
  makes as_found: :no
  read :leg_one, :voltage, "One leg, or line, to {earth}"
  read :leg_two, :voltage, "The other leg, or neutral, to {earth}"
  read :legs_across, :voltage, "Across"
  read :legs_across, :voltage, "Across", of: :lower_element, optional: true, on: lambda { |heater|
    heater.elements? && heater.element_upper && heater.element_lower
  }
  read :after_off, :choice, "Switched off again, at every {element}", choices: %i[zero live]
  only_when_asked
  hands_on 300
end
