# frozen_string_literal: true

Munimen::Work::Operation.define :prove_lit_joints do
  part :burner
  trade :gas
  title "Leak fluid again, with the burner lit"
  instrument "Leak fluid"
  how "Burner on. Fluid on every joint after the control, and on the manifold's test point."
  because "Joints after the control hold gas only while it burns."
  caution :gas_smell
  applies_to(&:gas?)
  needs heat: :on, cock: :open, gas_joints: :proven
  makes lit_joints: :proven
  read :lit_joint_test, :choice, "Leak fluid, burner lit", choices: %i[no_bubbles bubbles]
  makes_from_readings do |visit|
    visit.choice(:lit_joint_test) == :bubbles ? { lit_joints: :disturbed } : {}
  end
  repeatable
  hands_on 120
end
