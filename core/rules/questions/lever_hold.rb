# frozen_string_literal: true

Munimen::Rules::Question.define :lever_hold do
  ask "How long is the relief lever held?"
  about :relief_valve
  option :one_second, "1 s", "Enough to prove that it moves, and spills least."
  option :five_seconds, "5 s", "Shows full-bore flow and washes the seat."
  option :until_clear, "until it runs clear", "Carries scale away that would lie on the seat."
  default_option :five_seconds
end
