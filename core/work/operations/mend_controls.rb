# frozen_string_literal: true

Munimen::Work::Operation.define :mend_controls do
  part :thermostat
  title "Find why the heat does not stop, and mend it"
  how "Dead and proved, or the gas cock shut. Look for the by-pass, the missing control, " \
      "the stuck contact; replace what does not open."
  because "A new relief valve alone would drip again: the heat that does not stop is the cause."
  needs heat: :off
  needs_on(&Munimen::Work::Isolation::CONTROLS)
  makes controls: :disturbed, as_found: :no
  only_when_asked
  owes :test_controls, :prove_thermostat
  hands_on 1800
end
