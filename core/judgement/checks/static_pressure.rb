# frozen_string_literal: true

Munimen::Judgement::Check.define :static_pressure, part: :house_main do
  uses :static_pressure
  judge do |visit|
    pressure = visit.quantity(:static_pressure)
    limits = visit.rules
    next if unvented? && visit.heater.regulator_setting && limits.limit(:inlet_setting)

    exceeds_limit(pressure, :static_pressure, "#{say(pressure)} is more than it should be.") ||
      exceeds_limit(pressure, :static_pressure_low, "#{say(pressure)} is lower than usual.") ||
      sound(
        "#{say(pressure)} lies in the usual range.",
        measured: pressure,
        limit: limits.limit(:static_pressure)
      )
  end
end
