# frozen_string_literal: true

Munimen::Rules::Question.define :rippled_ring do
  ask "Rippled plastic rings at the flue?"
  about :flue
  option :watch, "a sign to watch", "Some hot gas has spilled at some time: test the {draught}."
  option :no_account, "of no account", "Warm pipes ripple them too."
  default_option :watch
end
