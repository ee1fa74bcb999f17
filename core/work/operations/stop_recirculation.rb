# frozen_string_literal: true

Munimen::Work::Operation.define :stop_recirculation do
  part :recirculation_pump
  place :side
  title "Unplug the recirculation pump"
  how "Note where it is plugged in, and how its timer stands."
  because "It runs dry, or pushes water back in, while the {heater} is shut off."
  applies_to { |heater| heater.recirculation == :yes }
  needs identified: :yes, looked: :yes
  makes recirculation: :off, as_found: :no
  secures
  plain_act
  hands_on 20
end
