# frozen_string_literal: true

Munimen::Work::Operation.define :test_air_valve do
  part :vessel
  protects "membrane of the {vessel}", told_by: %i[air_valve]
  place :top
  title "Press the air valve: what comes out?"
  how "A short press on the pin. Air alone is sound so far; water means that the membrane has " \
      "failed; nothing means that it is flat."
  because "Water at the air valve settles it: no charge will hold."
  applies_to(&:vessel?)
  needs heater_pressure: :zero, charge: %i[known set]
  needs_under_house_rules do |rules|
    rules.choice(:charge_method) == :taps_open ? { heater_pressure: %i[flowing zero] } : {}
  end
  needs_on { |heater| Munimen::Work::ChargePolicy.isolation(heater) }
  makes air_valve: :tested
  read :air_valve_emits, :choice, "At the air valve", choices: %i[air water nothing]
  hands_on 15
  spared_by :replace_vessel
end
