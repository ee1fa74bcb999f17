# frozen_string_literal: true

Munimen::Rules::Question.define :charge_method do
  ask "How is the charge of the {vessel} read?"
  about :expansion
  option :isolated,
         "isolated and drained to zero",
         "Only at zero water pressure does the gauge show the air charge."
  option :taps_open,
         "with several {taps} running",
         "Close enough for a quick look; it decides nothing near the limit."
  default_option :isolated
end
