# frozen_string_literal: true

Munimen::Hazards::Hazard.define :gas_control do
  title "The gas control cannot be trusted"
  part :gas_control
  on(&:gas?)
  seen never_relight: %i[flood recall]
  safe "heat.burner": :off, cock: :shut
  repaired_by :replace_gas_control
  cleared_by :prove_gas_joints
  source Munimen::Source.common_practice(
    "never relight after a flood, a flash of vapour or under a recall: replace"
  )
end
