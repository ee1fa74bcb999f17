# frozen_string_literal: true

# The three tiers of heat and the order of the pressures, from what is installed: each must act
# before the next.
{
  set_point: [:set_point, :thermostat, "thermostat"],
  cut_out_setting: [:cut_out_temperature, :cut_out, "{cut_out}"],
  immersion_set_point: [:immersion_set_point, :immersion, "{element}'s thermostat"],
  immersion_cut_out: [:immersion_cut_out, :immersion, "{element}'s {cut_out}"],
  relief_temperature: [:relief_set_temperature, :relief_valve, "{relief_valve}"]
}.each do |id, (field, part, name)|
  Munimen::Judgement::Check.define id, part: do
    off_page "of what is installed: a deficiency where it is one"
    judge do |visit|
      value = visit.heater.public_send(field) or next
      limit_id = { cut_out_setting: :cut_out, immersion_cut_out: :cut_out,
                   immersion_set_point: :set_point }.fetch(id, id)
      limit = visit.rules.limit(limit_id) or next
      exceeds_limit(
        value,
        limit_id,
        msg("The {name} is set to {value}.", name:, value: say(value)),
        question: visit.rules.moved_by(limit_id)
      ) || sound(msg("The {name} is set to {value}.",
                     name:, value: say(value)), measured: value, limit:)
    end
  end
end

Munimen::Judgement::Check.define :tier_order, part: :cut_out do
  off_page "of what is installed: a deficiency where it is one"
  judge do |visit|
    heater = visit.heater
    pressure = [
      ["{regulator}", heater.regulator_setting],
      ["{expansion_relief}", heater.expansion_relief_pressure],
      ["{relief_valve}", heater.relief_set_pressure],
      ["tank's rating", heater.design_pressure]
    ]
    wrong = [*heater.heat_tiers, pressure].filter_map do |tiers|
      tiers
        .select(&:last)
        .each_cons(2)
        .find do |(_, low), (name, high)|
          name == "tank's rating" ? low.si > high.si + 1.0 : low.si >= high.si
        end
    end.first
    next unless wrong

    (first, low), (second, high) = wrong
    finding(
      :danger,
      msg("Out of order: the {first} stands at {low}, the {second} at {high}.",
          first:, low: say(low), second:, high: say(high)),
      measured: low,
      due_in: 0,
      who: trade,
      source: Munimen::Source.common_practice("each tier must act before the next"),
      remedy: "Heat off until the settings are in order.",
      explain: "The safety devices of this {heater} would act in the wrong order."
    )
  end
end
