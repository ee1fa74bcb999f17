# frozen_string_literal: true

Munimen::Work::Operation.define :wait_for_gas_to_clear do
  part :gas_control
  place :bottom
  trade :plumber
  title "Five minutes for the gas to clear"
  how "Knob OFF, door open to the room, no flame and no switch. Smell at floor level before you " \
      "try again."
  because "Gas that did not light lies in the chamber; lit late, it goes off at once."
  caution :gas_smell
  applies_to(&:gas?)
  needs since_gas: :waiting, heat: :off
  guide :gas_wait
  hands_on 5
  wait 300,
       manner: :on_site,
       label: "Gas clearing",
       holds: {
         heat: :off
       },
       makes: {
         since_gas: :clear
       }
end
