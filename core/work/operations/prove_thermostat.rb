# frozen_string_literal: true

Munimen::Work::Operation.define :prove_thermostat do
  part :thermostat
  protects "thermostat", told_by: %i[thermostat_stops]
  trade :plumber
  title "Prove that each thermostat stops its heat"
  how "Stay with it. Turn the dial down: burner or element must go off; up again: it comes " \
      "on. Then let it heat to its setting and see it stop."
  because "Heat that does not stop is over-temperature, and the relief valve the only guard " \
          "left."
  applies_to { |heater| !heater.coil? || heater.immersion? }
  needs looked: :yes, lit_joints: :proven, heat: :on, level: :full, heater_supply: :open,
        heater_pressure: :live,
        covers: :on, leads: :landed, air_in_pipes: :no
  apart dial: :changed
  makes controls: :proven
  read :thermostat_stops, :choice, "Turned down", choices: %i[stops keeps_heating],
                                                  on: ->(heater) { !heater.coil? }
  read :thermostat_stops, :choice, "Turned down", choices: %i[stops keeps_heating not_used],
                                                  of: :immersion, on: lambda { |heater|
                                                    heater.coil? && heater.backup_immersion == :yes
                                                  }
  recommissions
  repeatable
  caution :scald
  hands_on 300
end
