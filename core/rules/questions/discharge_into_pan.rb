# frozen_string_literal: true

Munimen::Rules::Question.define :discharge_into_pan do
  ask "May the relief valve discharge into the drain pan?"
  about :discharge
  option :by_rulebook,
         "as the rulebook says",
         "One residential code names the pan as a place where the pipe may end, another does not."
  option :accepted, "accepted", "A local amendment accepts it."
  option :objected, "objected to", "A pan drain is small; a full-bore discharge overruns it."
  default_option :by_rulebook
end
