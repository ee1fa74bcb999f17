# frozen_string_literal: true

Munimen::Work::Operation.define :shut_drain do
  part :drain_valve
  place :bottom
  title "Shut the drain"
  how "A quarter turn, or about three turns of a slotted one. If it weeps, cap it and note it."
  because "Sediment on its seat makes it weep: see that it shuts dry."
  needs drain: :open,
        level: %i[below_relief_port below_upper_element below_lower_element empty falling]
  makes drain: :shut
  hands_on 20
end
