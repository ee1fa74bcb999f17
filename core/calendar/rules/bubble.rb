# frozen_string_literal: true

Munimen::Calendar::Rule.define :bubble do
  comes_from "the air bubble was renewed"
  ended_by "renewing it again"
  source Munimen::Source.common_practice("a bubble dissolves in about 18 months")
  job :renew_bubble
  renewed
  owed { |visit, _| in_days(548, "Renew the air bubble: it dissolves in about 18 months.") if visit.done?(:renew_bubble) }
end
