# frozen_string_literal: true

Munimen::Judgement::Check.define :static_pressure, part: :house_main do
  on_page 10, "Water pressure"
  uses :static_pressure
  judge do |visit|
    pressure = visit.quantity(:static_pressure)
    limits = visit.rules
    next if unvented? && visit.heater.regulator_setting && limits.limit(:inlet_setting)

    rated = visit.heater.rated_pressure
    if rated && pressure.si > rated.si + 1.0
      next finding(
        :danger,
        msg("{pressure} is more than the tank's {rated}.",
            pressure: say(pressure), rated: say(rated)),
        measured: pressure,
        source: Munimen::Source.common_practice("no more pressure than the tank's plate"),
        due_in: 0,
        who: trade,
        remedy: "Heat off; bring the supply down before it runs.",
        explain: "The water pressure is higher than the tank is made for."
      )
    end

    exceeds_limit(pressure, :static_pressure, msg("{pressure} is more than it should be.",
                                                  pressure: say(pressure))) ||
      exceeds_limit(pressure, :static_pressure_low, msg("{pressure} is lower than usual.",
                                                        pressure: say(pressure))) ||
      sound(
        msg("{pressure} lies in the usual range.", pressure: say(pressure)),
        measured: pressure,
        limit: limits.limit(:static_pressure)
      )
  end
end
