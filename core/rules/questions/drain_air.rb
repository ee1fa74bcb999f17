# frozen_string_literal: true

Munimen::Rules::Question.define :drain_air do
  ask "How does air get in while draining?"
  about :draining
  option :hot_tap, "through a hot {tap}", "It spares the relief valve a lift with dirty water."
  option :relief_valve, "through the relief valve", "It always works, and lets you hear the level."
  default_option :hot_tap
end
