# frozen_string_literal: true

# Bounds that single books set on what is installed: asked where the book has the limit.
{
  relief_pressure_most: [:relief_valve, "It is set to {value}.", :relief_set_pressure.to_proc],
  storage_temperature: [:thermostat, "The thermostat is set to {value}.",
                        ->(heater) { heater.set_point if heater.electric? }],
  package_size: [:tank, "It holds {value}.", ->(heater) { heater.capacity if heater.unvented? }],
  package_power: [:tank, "Its heat input is {value}.",
                  ->(heater) { heater.heat_input if heater.unvented? }]
}.each do |id, (part, says, of)|
  Munimen::Judgement::Check.define id, part: do
    off_page "of what is installed: a deficiency where it is one"
    judge do |visit|
      value = of.call(visit.heater) or next
      exceeds_limit(value, id, msg(says, value: say(value)))
    end
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
      msg("It is set to {set}, the supply stands at {supply}: {margin} between them.",
          set: say(set), supply: say(supply), margin: say(margin))
    )
  end
end
