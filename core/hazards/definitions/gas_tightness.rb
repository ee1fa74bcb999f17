# frozen_string_literal: true

Munimen::Hazards::Hazard.define :gas_tightness do
  title "The gas side is not tight"
  part :gas_control
  on(&:gas?)
  read gas_joint_test: :bubbles, lit_joint_test: :bubbles
  safe "heat.burner": :off, cock: :shut
  repaired_by :mend_gas_escape
  cleared_by :prove_gas_joints
  source Munimen::Source.published(
    "NFPA 54 ch. 8, IGEM/UP/1B", "tightness", clause: :from_memory
  )
end
