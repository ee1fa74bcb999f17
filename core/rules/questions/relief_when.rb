# frozen_string_literal: true

Munimen::Rules::Question.define :relief_when do
  ask "When in the visit is the relief valve exercised?"
  about :relief_valve
  option :before_isolating,
         "before isolating, full and hot",
         "A valve that fails can be replaced in the same drain."
  option :with_flush, "with the flush", "The water is running anyway, and grit is carried off."
  option :after_refill, "after refilling", "Nothing that was stirred up stays on the seat."
  default_option :before_isolating
end
