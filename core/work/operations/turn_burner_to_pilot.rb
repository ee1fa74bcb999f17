# frozen_string_literal: true

Munimen::Work::Operation.define :turn_burner_to_pilot do
  part :gas_control
  place :bottom
  trade :plumber
  title "Note the dial, then turn the gas to PILOT"
  how "Write down where the dial stands. Then turn the knob to PILOT: enough while the tank " \
      "stays full; OFF before any drain."
  because "The burner must not fire while the water is shut off."
  caution :gas_smell
  applies_to(&:may_have_pilot?)
  needs identified: :yes, looked: :yes, drip_watch: :finished, ignition: :known
  after :exercise_relief_valve
  makes heat: :pilot, dial: :changed, as_found: :no
  read :dial_position,
       :choice,
       "The dial stood at",
       choices: %i[low hot a b c very_hot],
       optional: true
  read :knob_found, :choice, "The knob stood at", choices: %i[on pilot off], optional: true
  hands_on 30
end
