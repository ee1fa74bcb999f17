# frozen_string_literal: true

Munimen::Work::Operation.define :mend_gas_escape do
  part :gas_control
  trade :gas
  title "Find the escape and mend it"
  how "Cock shut. By the procedure of the place: find it with fluid or detector, make the " \
      "joint again or replace the part."
  because "Only a tight gas side is put back into use."
  applies_to(&:gas?)
  needs cock: :shut, heat: :off
  makes gas_joints: :disturbed, lit_joints: :disturbed, as_found: :no
  only_when_asked
  owes :prove_gas_joints
  instrument "Leak fluid, gas detector"
  hands_on 1800
end
