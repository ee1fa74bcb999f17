# frozen_string_literal: true

Munimen::Calendar::Rule.define :bubble do
  comes_from "the air bubble was renewed"
  ended_by "renewing it again"
  source Munimen::Source.common_practice("a bubble dissolves in about 18 months")
  job :renew_bubble
  renewed
  owed do |visit, _|
    if visit.done?(:renew_bubble)
      in_days(548, "Renew the air bubble: it dissolves in about 18 months.")
    end
  end
end
