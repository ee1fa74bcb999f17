# frozen_string_literal: true

Munimen::Work::Operation.define :look_over do
  part :tank
  every_visit
  protects "what can be seen"
  place :top
  title "Look it over, top to bottom"
  instrument "Torch, mirror"
  how "Touch nothing yet. Answer each line: sound, what is wrong, or not visible."
  because "What can be seen costs nothing and decides what may be touched."
  calculator :combustion_air
  look_over :visible
  wants :let, because: "Where a home is let, the law asks for checks of its own."
  caution :gas_smell, :hot_flue, :insulation
  needs identified: :yes
  makes looked: :yes
  hands_on 240
end
