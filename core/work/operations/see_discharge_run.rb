# frozen_string_literal: true

Munimen::Work::Operation.define :see_discharge_run do
  part :discharge_pipe
  protects "discharge pipe, from end to end"
  title "See the discharge pipe run to its end"
  how "Pour water in, or lift a lever a little with nobody at the end. It must run away and " \
      "not back up."
  because "A pipe is proved by the water that it carries."
  needs level: :full, discharge_pipe: :on, discharge: :seen_safe
  read :discharge_run, :choice, "Along its run", choices: %i[runs_clear backs_up]
  recommissions
  only_when_asked
  repeatable
  caution :scald
  hands_on 120
end
