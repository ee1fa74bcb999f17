# frozen_string_literal: true

Munimen::Work::Operation.define :prove_gas_joints do
  part :gas_cock
  protects "gas joints"
  place :bottom
  trade :gas
  title "Prove the gas joints with leak fluid"
  instrument "Leak fluid"
  how "Every joint that was opened, and the test points; soundness by the procedure of the place."
  because "A leak burns, or worse."
  caution :gas_smell
  applies_to(&:gas?)
  needs cock: :open, heat: :off
  makes gas_joints: :proven
  read :gas_joint_test, :choice, "Leak fluid", choices: %i[no_bubbles bubbles]
  makes_from_readings do |visit|
    visit.choice(:gas_joint_test) == :bubbles ? { gas_joints: :disturbed } : {}
  end
  repeatable
  hands_on 120
end
