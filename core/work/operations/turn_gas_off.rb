# frozen_string_literal: true

Munimen::Work::Operation.define :turn_gas_off do
  part :gas_control
  place :bottom
  trade :plumber
  title "Note the dial, then turn the gas OFF"
  how "Write down where the dial stands. Knob to OFF: before any drain, and before any gas work."
  because "A flame under an emptying tank destroys it; a knob at PILOT can be turned."
  caution :gas_smell
  applies_to(&:may_have_pilot?)
  needs identified: :yes, looked: :yes, drip_watch: :finished, ignition: :known
  after :exercise_relief_valve
  secures
  makes heat: :off, pilot_flame: :out, dial: :changed, as_found: :no
  house_rules :drain_at_pilot
  read :dial_position,
       :choice,
       "The dial stood at",
       choices: %i[low hot a b c very_hot],
       optional: true
  read :knob_found, :choice, "The knob stood at", choices: %i[on pilot off], optional: true
  hands_on 30
end
