# frozen_string_literal: true

Munimen::Rules::Question.define :relief_exercise do
  ask "Exercise an old relief valve?"
  about :relief_valve
  option :every_visit,
         "at every visit",
         "A valve that leaks after its test was already bad: the test shows it while you are " \
         "there to replace it."
  option :known_history,
         "only with a known history",
         "A valve that has not moved for years may not reseat: lift it only if it was exercised " \
         "yearly, or with a spare and consent at hand."
  option :look_only,
         "look only",
         "An inspector leaves it as found and says that it was not exercised."
  default_option :every_visit
end
