# frozen_string_literal: true

# Approved Document G3(4) binds new dwellings and changes of use; handbook §14.
Munimen::Rules::Question.define :new_dwelling do
  ask "Is the dwelling new, or has its use changed since the bath's 48 °C limit came in?"
  about :temperature
  option :existing,
         "neither: an existing dwelling",
         "Where it binds nobody the limit is advice, given with the time in which it scalds."
  option :binds,
         "new, or changed in use",
         "England and Wales bind the bath's outlet to 48 °C there."
  default_option :existing
end
