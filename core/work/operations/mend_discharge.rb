# frozen_string_literal: true

Munimen::Work::Operation.define :mend_discharge do
  part :discharge_pipe
  title "Put the discharge pipe right"
  how "Full size, falling, open to a safe end; no cap, valve or trap; a tundish where one " \
      "belongs."
  because "The next discharge must go where it hurts nobody."
  needs heat: :off, heater_supply: :shut, heater_pressure: :zero
  makes discharge: :seen_safe, as_found: :no
  after :check_discharge_pipe
  only_when_asked
  owes :see_discharge_run
  caution :scald
  hands_on 1800
end
