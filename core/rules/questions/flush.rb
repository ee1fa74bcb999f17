# frozen_string_literal: true

Munimen::Rules::Question.define :flush do
  ask "When is the tank flushed?"
  about :draining
  option :yearly, "yearly or twice", "Sediment bakes into a crust that no flush removes later."
  option :by_sediment,
         "by the sediment found",
         "What came out last time says when the next flush is due."
  option :leave_old,
         "an old one never flushed is left alone",
         "Disturbing its crust can start leaks; the record says so."
  default_option :yearly
end
