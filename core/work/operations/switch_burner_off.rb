# frozen_string_literal: true

Munimen::Work::Operation.define :switch_burner_off do
  part :gas_control
  place :bottom
  trade :plumber
  title "Note the dial, then switch the burner off"
  how "Write down where the dial stands. Switch the control off: there is no pilot to leave."
  because "The burner must not fire while the water is shut off."
  caution :gas_smell
  applies_to { |heater| heater.gas? && heater.ignition == :intermittent }
  needs identified: :yes, looked: :yes, drip_watch: :finished
  after :exercise_relief_valve
  secures
  makes heat: :off, dial: :changed, as_found: :no
  read :dial_position,
       :choice,
       "The dial stood at",
       choices: %i[low hot a b c very_hot],
       optional: true
  hands_on 30
end
