# frozen_string_literal: true

Munimen::Rules::Question.define :relief_life do
  ask "How long does a relief valve live?"
  about :relief_valve
  option :until_fails,
         "until it fails its test",
         "A valve that passes full-bore and closes dry does its work."
  option :three_years, "replaced every three years", "Minerals build up where no test shows it."
  default_option :until_fails
end
