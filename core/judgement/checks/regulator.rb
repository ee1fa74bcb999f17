# frozen_string_literal: true

# What a regulator does is shown by a street that is higher than the house, and a house that stays
# at its setting: a house above the street, or level with it, proves nothing. High and level with
# the street it regulates no more. Common practice. In an unvented cylinder's inlet group the
# reading must also stay at the valve's setting.
Munimen::Judgement::Check.define :regulator, part: :regulator do
  on_page 40, "{Regulator}"
  uses :mains_pressure, :static_pressure
  judge do |visit|
    house = visit.quantity(:static_pressure)
    street = visit.quantity(:mains_pressure)
    next unless house && street && visit.heater.regulator == :yes && !unvented?

    source = Munimen::Source.common_practice("after a regulator, house and street differ")
    give = Munimen::Measure::Unit["psi"].to_si(2)
    same = (street.si - house.si).abs <= give
    setting = visit.heater.regulator_setting
    if same && house > Munimen::Measure::Quantity.of(60, "psi", :pressure)
      finding(
        :defect,
        msg("House and {street} both stand at {house}: the {regulator} no longer reduces.",
            house: say(house)),
        measured: house,
        source:,
        remedy:
          "Replace or adjust the {regulator}; run a {tap} first to be sure that the pressure is " \
          "not trapped.",
        due_in: 30,
        explain: "The device that lowers the {street}'s water pressure has stopped working.",
        who: :plumber
      )
    elsif street.si <= house.si + give
      not_tested(
        msg("House {house}, {street} {main}: only a {street} that is higher shows what " \
            "the {regulator} does. Run a cold {tap}, shut it, and read both again.",
            house: say(house), main: say(street)),
        measured: house,
        source:
      )
    elsif setting && house.si > setting.si + [give, setting.si * 0.1].max
      finding(
        :watch,
        msg("The house stands at {house}, the {regulator} is set to {setting}.",
            house: say(house), setting: say(setting)),
        measured: house,
        source:,
        remedy:
          "Run a cold {tap}, shut it, and read again; where it climbs at rest with the heat off, " \
          "replace the {regulator}.",
        due_in: 60,
        explain: "The water pressure does not stay where the regulator is set.",
        who: :plumber
      )
    else
      brings = "The {regulator} brings {main} in the {street} down to {house}."
      holds = "The {regulator} brings {main} in the {street} down to {house} and holds its " \
              "{setting}."
      sound(msg(setting ? holds : brings, main: say(street), house: say(house),
                                          setting: say(setting)), measured: house)
    end
  end
end
