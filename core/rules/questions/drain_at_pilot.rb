# frozen_string_literal: true

Munimen::Rules::Question.define :drain_at_pilot do
  ask "May a gas heater be drained with the knob at PILOT?"
  about :draining
  option :off,
         "no: OFF before any drain",
         "A flame under an emptying tank, and a knob that can be turned, are two risks too many."
  option :pilot, "yes, it spares a relight", "The pilot alone heats little, and the work is short."
  default_option :off
end
