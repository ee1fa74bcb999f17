# frozen_string_literal: true

Munimen::Work::Operation.define :isolate_coil_loop do
  part :coil
  place :controls
  title "Shut the coil's loop both sides"
  how "Both sides of the coil; where there are no valves, the house rule says what to do."
  because "The other zones go on heating."
  applies_to(&:coil?)
  needs "heat.coil": :off, coil_loop: :live
  secures
  makes coil_loop: :isolated
  house_rules :coil_valves
  hands_on 120
end
