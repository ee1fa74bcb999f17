# frozen_string_literal: true

Munimen::Work::Operation.define :test_controls do
  part :thermostat
  protects "thermostat and controls", told_by: %i[controls_chain]
  place :controls
  trade :plumber
  title "Prove that the thermostat stops the heat"
  how "Programmer calling. Thermostat turned down: the {two_port} must shut, the boiler stop. " \
      "Turned up: it opens, its end switch fires the boiler. Put the dial back where it was."
  because "A control missing from the chain shows as water far above any setting."
  caution :scald
  applies_to(&:coil?)
  needs looked: :yes, heat: :on, level: :full, heater_supply: :open, heater_pressure: :live
  after :fit_cylinder_thermostat
  apart dial: :changed
  makes controls: :proven
  makes_during "heat.coil": :off
  read :chain_off, :choice, "Turned down", choices: %i[stops keeps_heating]
  read :chain_on, :choice, "Turned up again", choices: %i[heats stays_off]
  recommissions
  guide :chain
  hands_on 180
  repeatable
end
