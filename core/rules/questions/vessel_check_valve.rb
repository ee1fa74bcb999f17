# frozen_string_literal: true

Munimen::Rules::Question.define :vessel_check_valve do
  ask "An in-line check valve ahead of the {vessel}?"
  about :expansion
  option :wanted, "wanted", "Some local rules and makers ask for one."
  option :not_needed,
         "not needed where the meter or backflow preventer has one",
         "One closed system does not become more closed by a second valve."
  default_option :not_needed
end
