# frozen_string_literal: true

Munimen::Work::Operation.define :mend_gas_supply do
  part :gas_control
  trade :gas
  title "Have the gas pressure brought down"
  how "Cock shut. The regulator or meter before it is the supplier's: call them, and do not " \
      "open the cock before they have set or replaced it."
  because "More than its plate bears can force the control open."
  applies_to(&:gas?)
  needs cock: :shut, heat: :off
  makes as_found: :no
  only_when_asked
  owes :read_line_pressure
  hands_on 1800
end
