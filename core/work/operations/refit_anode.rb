# frozen_string_literal: true

Munimen::Work::Operation.define :refit_anode do
  part :anode
  place :top
  title "Screw the anode back in"
  how "Clean the thread, tape, start by hand, then the long bar."
  because "The tank is open until it is in; nothing is filled before."
  applies_to { |heater| %i[separate unknown].include?(heater.anode) }
  needs "opening.anode": :removed,
        heat: :off,
        heater_supply: :shut,
        heater_pressure: :zero,
        drain: :shut,
        level: %i[below_relief_port below_upper_element below_lower_element empty]
  makes "opening.anode": :fitted, water_joints: :disturbed
  house_rules :thread_seal
  tools "1 1/16 in socket", "Long bar"
  materials "Tape"
  hands_on 120
end
