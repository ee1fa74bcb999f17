# frozen_string_literal: true

Munimen::Rules::Question.define :coil_valves do
  ask "The coil's pipes have no valves. What now?"
  about :coil
  option :push_fit, "push-fit valves now", "Heating stays in use while the job waits."
  option :drain_and_solder, "drain and solder", "A soldered valve outlives the coil."
  default_option :push_fit
end
