# frozen_string_literal: true

Munimen::Rules::Question.define :discharge_into_pan do
  ask "May the relief valve discharge into the drain pan?"
  option :accepted, "accepted", "The residential code names the pan as a place where the pipe may end."
  option :objected, "objected to", "A pan drain is small; a full-bore discharge overruns it."
  ours :accepted
end
