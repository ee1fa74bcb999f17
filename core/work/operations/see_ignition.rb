# frozen_string_literal: true

Munimen::Work::Operation.define :see_ignition do
  part :gas_control
  place :bottom
  trade :plumber
  title "See how the burner is lit"
  how "Look through the sight glass and at the control: a small flame that always burns, a " \
      "control with a status light, or a burner that sparks or glows only when it calls for heat."
  because "Once the gas is off, only a pilot has to be lit again, and by hand."
  applies_to { |heater| heater.gas? && heater.ignition == :unknown }
  needs identified: :yes
  read :ignition, :choice, "The burner is lit by", fact: :ignition,
       choices: %i[pilot_thermocouple pilot_thermopile intermittent cannot_tell]
  makes ignition: :known
  hands_on 30
end
