# frozen_string_literal: true

Munimen::Judgement::Check.define :tap_temperature, part: :tap do
  on_page 70, "Hot water at the {tap}"
  uses :tap_temperature
  judge do |visit|
    hot = visit.quantity(:tap_temperature)
    # a supply is colder than 25 °C; what is no warmer than it was not heated
    cold = visit.quantity(:cold_temperature)&.si || 0
    if hot.in("degC") < 25 || hot.si < cold + 5
      next not_tested(
        msg("{hot} is no warmer than the cold supply: the {heater} is off, or the wrong {tap} " \
            "was measured.",
            hot: say(hot)),
        measured: hot
      )
    end

    burn =
      Munimen::Calculations::Calculation[:scald_time].call({ temperature: hot }).outputs[:words]
    set = visit.heater.set_point
    # within what a thermometer (1.5 K) and a setting (3 K) hold; as set it may be up to 3 °F over
    # the bound; 45 °C and less is the growth range
    limit = visit.rules.limit(:tap_temperature)
    most = limit&.at_most
    as_set = set && (hot.si - set.si).abs <= 3.0 && hot.in("degC") > 45 &&
             (most.nil? || hot.si <= most.si + (3 / 1.8) + 1e-6)
    # England wants 50 °C at the outlet whatever the setting
    low = visit.rules.limit(:tap_temperature_low) if visit.rules.book.is?(:england_g3)
    as_set = false if low&.violated_by(hot)
    if as_set && !visit.rules.limit(:tap_temperature_scald).violated_by(hot)
      next sound(
        msg("{hot} at the {tap}, as set; burns adult skin in {burn}.", hot: say(hot), burn:),
        measured: hot
      )
    end

    exceeds_limit(
      hot,
      :tap_temperature_runaway,
      msg("{hot} is hotter than any setting: over-temperature.", hot: say(hot))
    ) || exceeds_limit(hot, :tap_temperature_scald, msg("{hot} burns adult skin in {burn}.",
                                                        hot: say(hot), burn:)) ||
      exceeds_limit(
        hot,
        :tap_temperature,
        msg("{hot} burns adult skin in {burn}; children and the old sooner.", hot: say(hot), burn:)
      ) ||
      exceeds_limit(
        hot,
        :tap_temperature_low,
        msg("{hot} lies in the range in which legionella can grow.", hot: say(hot))
      ) ||
      sound(
        msg("{hot} at the {tap}: hot enough, and burns only after {burn}.", hot: say(hot), burn:),
        measured: hot,
        limit: visit.rules.limit(:tap_temperature)
      )
  end
end
