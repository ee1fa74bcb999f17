# frozen_string_literal: true

Munimen::Judgement::Check.define :bath_temperature, part: :mixing_valve do
  uses :bath_temperature
  judge do |visit|
    hot = visit.quantity(:bath_temperature)
    exceeds_limit(hot, :bath_temperature, "#{say(hot)} at bath or shower.") ||
      sound(
        "#{say(hot)} at bath or shower.",
        measured: hot,
        limit: visit.rules.limit(:bath_temperature)
      )
  end
end
