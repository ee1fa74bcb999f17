# frozen_string_literal: true

Munimen::Work::Operation.define :refit_discharge_pipe do
  part :discharge_pipe
  place :side
  title "Put the discharge pipe back"
  how "Full size, falling, never glued so that it cannot come off."
  because "Without it the next discharge scalds whoever stands there."
  caution :plugged
  needs discharge_pipe: :off, opening: :fitted
  makes discharge_pipe: :on
  house_rules :discharge_joint
  materials "Coupling"
  hands_on 90
end
