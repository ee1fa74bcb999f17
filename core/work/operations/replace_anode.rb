# frozen_string_literal: true

Munimen::Work::Operation.define :replace_anode do
  part :anode
  place :top
  title "Fit a new anode"
  how "Magnesium or aluminium; powered against a smell."
  because "It protects the tank where the glass does not."
  applies_to { |heater| heater.anode != :none }
  needs heat: :off,
        heater_supply: :shut,
        heater_pressure: :zero,
        drain: :shut,
        level: %i[below_relief_port below_upper_element below_lower_element empty]
  makes "opening.anode": :fitted, water_joints: :disturbed, as_found: :no
  house_rules :anode
  tools "1 1/16 in socket", "Long bar"
  materials "Anode", "Tape"
  only_when_asked
  part_kind :anode
  hands_on 480
  renews :anode_seen, :anode_remaining
end
