# frozen_string_literal: true

# Approved Document G3(4) binds new dwellings and changes of use, in Scotland standard 4.9 likewise;
# handbook §14.
Munimen::Rules::Question.define :new_dwelling do
  ask "Where nobody knows whether a dwelling is new: does the bath's 48 °C limit bind it?"
  about :temperature
  option :existing,
         "taken for an existing one",
         "Where it binds nobody the limit is advice, given with the time in which it scalds."
  option :binds,
         "taken for a new one, or one changed in use",
         "England and Wales bind the fixed bath to 48 °C there, Scotland bath and bidet."
  default_option :existing
end
