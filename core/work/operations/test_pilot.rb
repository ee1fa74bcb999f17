# frozen_string_literal: true

Munimen::Work::Operation.define :test_pilot do
  part :gas_control
  protects "pilot's generator and cut-off", told_by: %i[pilot pilot_flame]
  place :bottom
  trade :gas
  title "Test the pilot and its generator"
  instrument "Millivolt meter, continuity tester with the tip sleeved"
  how "Look at the flame, then let go: how long does it hold? Generator in the lit pilot, open " \
      "circuit; on an electronic control with its lead on, too. " \
      "Then the cut-off, centre contact to body."
  because "Thermocouple and cut-off fail alike: neither is condemned before both are measured."
  caution :gas_smell
  applies_to(&:standing_pilot?)
  needs looked: :yes, heat: %i[pilot on], pilot_flame: :lit, cock: :open, level: :full
  read :pilot_flame,
       :choice,
       "The pilot flame",
       choices: %i[blue_on_tip off_the_tip lazy_yellow lifting]
  read :generator_open, :generator_voltage, "Generator, open circuit"
  read :generator_loaded,
       :generator_voltage,
       "Generator, loaded",
       on: ->(heater) { heater.ignition == :pilot_thermopile }
  read :eco_continuity, :choice, "Cut-off, centre contact to body", choices: %i[yes no],
       on: ->(heater) { heater.ignition != :pilot_thermopile }
  calculator :pilot_generator, gives: { open_circuit: :generator_open }
  guide(:pilot) do |visit|
    Munimen::Calculations::PilotGenerator.millivolts(
      visit.heater.ignition == :pilot_thermopile ? :thermopile : :thermocouple
    )
  end
  tools "Millivolt meter"
  hands_on 240
end
