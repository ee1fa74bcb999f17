# frozen_string_literal: true

# Bounds that single books set on what is installed: asked where the book has the limit.
Munimen::Judgement::Check.define :relief_pressure_most, part: :relief_valve do
  off_page "of what is installed: a deficiency where it is one"
  judge do |visit|
    set = visit.heater.relief_set_pressure or next
    exceeds_limit(set, :relief_pressure_most, "It is set to #{say(set)}.")
  end
end

Munimen::Judgement::Check.define :relief_over_supply, part: :relief_valve do
  off_page "of what is installed: a deficiency where it is one"
  uses :static_pressure
  judge do |visit|
    set = visit.heater.relief_set_pressure
    supply = visit.quantity(:static_pressure)
    next unless set && supply && visit.rules.limit(:relief_over_supply)

    margin = quantity([set.si - supply.si, 0].max, :pressure)
    exceeds_limit(
      margin, :relief_over_supply,
      "It is set to #{say(set)}, the supply stands at #{say(supply)}: #{say(margin)} between them."
    )
  end
end

Munimen::Judgement::Check.define :storage_temperature, part: :thermostat do
  off_page "of what is installed: a deficiency where it is one"
  judge do |visit|
    set = visit.heater.set_point
    next unless set && visit.heater.electric?

    exceeds_limit(set, :storage_temperature, "The thermostat is set to #{say(set)}.")
  end
end

Munimen::Judgement::Check.define :package_size, part: :tank do
  off_page "of what is installed: a deficiency where it is one"
  judge do |visit|
    size = visit.heater.capacity or next
    exceeds_limit(size, :package_size, "It holds #{say(size)}.") if visit.heater.unvented?
  end
end

Munimen::Judgement::Check.define :package_power, part: :coil do
  off_page "of what is installed: a deficiency where it is one"
  judge do |visit|
    power = visit.heater.heat_input
    next unless power && visit.heater.unvented?

    exceeds_limit(power, :package_power, "Its heat input is #{say(power)}.")
  end
end
