# frozen_string_literal: true

Munimen::Rules::Question.define :operate do
  ask "Is anything operated on this visit?"
  about :inspection
  option :operate,
         "operated as the plan says",
         "A device that has never moved may not move when it must; only a test shows it."
  option :look_only,
         "look only",
         "An inspector leaves everything as found, and says what was not tested."
  default_option :operate
end
