# frozen_string_literal: true

Munimen::Judgement::Check.define :tap_temperature, part: :tap do
  uses :tap_temperature
  judge do |visit|
    hot = visit.quantity(:tap_temperature)
    burn =
      Munimen::Calculations::Calculation[:scald_time].call({ temperature: hot }).outputs[:words]
    exceeds_limit(
      hot,
      :tap_temperature_runaway,
      "#{say(hot)} is hotter than any setting: over-temperature."
    ) || exceeds_limit(hot, :tap_temperature_scald, "#{say(hot)} burns adult skin in #{burn}.") ||
      exceeds_limit(
        hot,
        :tap_temperature,
        "#{say(hot)} burns adult skin in #{burn}; children and the old sooner."
      ) ||
      exceeds_limit(
        hot,
        :tap_temperature_low,
        "#{say(hot)} lies in the range in which legionella can grow."
      ) ||
      sound(
        "#{say(hot)} at the {tap}: hot enough, and burns only after #{burn}.",
        measured: hot,
        limit: visit.rules.limit(:tap_temperature)
      )
  end
end
