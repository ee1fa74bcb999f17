# frozen_string_literal: true

Munimen::Rules::Question.define :discharge_joint do
  ask "How is the discharge pipe joined to the valve?"
  about :relief_valve
  option :dry, "dry", "The pipe is not under pressure, and comes off when the valve is replaced."
  option :sealed, "tape and compound", "A dry joint weeps when the valve blows."
  option :never_glued,
         "never glued so that it cannot come off",
         "The valve must be replaceable without a saw."
  default_option :dry
end
