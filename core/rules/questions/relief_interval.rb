# frozen_string_literal: true

Munimen::Rules::Question.define :relief_interval do
  ask "How often is the relief valve exercised?"
  about :relief_valve
  option :quarterly,
         "monthly to quarterly",
         "Some makers' plates ask for it: often moved, never stuck."
  option :yearly,
         "yearly, with the service",
         "Once a year keeps it free, and somebody is there who can replace it."
  option :known_sound,
         "only when found sound before",
         "What has not moved for years may not reseat."
  default_option :yearly
end
