# frozen_string_literal: true

Munimen::Rules::Question.define :relief_insulation do
  ask "Is an uninsulated relief valve pipe reported?"
  about :relief_valve
  option :reported,
         "reported where local rules ask for insulation",
         "Where it is asked for, its absence is a deficiency."
  option :not_a_matter, "not a matter here", "The pipe is empty but for minutes in its life."
  default_option :not_a_matter
end
