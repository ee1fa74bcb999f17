# frozen_string_literal: true

Munimen::Rules::Question.define :anode do
  ask "What is done about the anode?"
  about :anode
  option :look_yearly, "looked at yearly", "Makers say so, and it costs a few minutes."
  option :replace_yearly, "replaced yearly without looking", "A rod costs less than the look."
  option :by_estimate,
         "by estimate from earlier inspections",
         "Two inspections tell when the next is worth while."
  option :never, "never", "Most never look; the record says “not inspected”."
  default_option :look_yearly
end
