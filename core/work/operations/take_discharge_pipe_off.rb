# frozen_string_literal: true

Munimen::Work::Operation.define :take_discharge_pipe_off do
  part :discharge_pipe
  place :side
  title "Take the discharge pipe off the {relief_valve}"
  how "Free its bracket and spring it aside, or cut it and couple it again; leave it separable " \
      "and note it."
  because "A valve that cannot be turned cannot be replaced."
  needs heat: :off, heater_pressure: :zero, heater_supply: :shut, discharge_pipe: :on
  makes discharge_pipe: :off
  house_rules :discharge_joint
  tools "Two spanners", "Pipe cutter"
  hands_on 90
end
