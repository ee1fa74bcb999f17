# frozen_string_literal: true

Munimen::Work::Operation.define :replace_drain_valve do
  part :drain_valve
  place :bottom
  title "Replace the drain valve"
  how "Unscrew, clean the thread, a full-bore valve in, seal, shut it."
  because "An old plastic one breaks when it is needed."
  needs heat: :off,
        heater_supply: :shut,
        heater_pressure: :zero,
        drain: :shut,
        hose: :off,
        level: :empty
  apart "opening.drain_valve": :removed
  makes water_joints: :disturbed, as_found: :no
  materials "Full-bore drain valve", "Tape"
  only_when_asked
  hands_on 480
  renews :drain_valve, :paper
end
