# frozen_string_literal: true

Munimen::Rules::Question.define :earth_seen do
  ask "The {earth} at the {heater} cannot be seen."
  about :electricity
  option :must_be_visible,
         "its absence is a deficiency",
         "A connection that nobody can see is one that nobody can trust."
  option :not_visible,
         "“not visible” until tested",
         "A conductor inside the raceway is still a conductor; a continuity test settles it."
  default_option :not_visible
end
