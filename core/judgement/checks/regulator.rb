# frozen_string_literal: true

# A static pressure equal to the street's where a regulator is fitted: it regulates no more. Common
# practice. In an unvented cylinder's inlet group the reading must also stay at the valve's setting.
Munimen::Judgement::Check.define :regulator, part: :regulator do
  uses :mains_pressure, :static_pressure
  judge do |visit|
    house = visit.quantity(:static_pressure)
    street = visit.quantity(:mains_pressure)
    next unless house && street && visit.heater.regulator == :yes && !unvented?

    source = Munimen::Source.common_practice("after a regulator, house and street differ")
    same = (street.si - house.si).abs <= Munimen::Measure::Unit["psi"].to_si(2)
    if same && house > Munimen::Measure::Quantity.of(60, "psi", :pressure)
      finding(
        :defect,
        "House and {street} both stand at #{say(house)}: the {regulator} no longer reduces.",
        measured: house,
        source:,
        remedy:
          "Replace or adjust the {regulator}; run a {tap} first to be sure that the pressure is " \
          "not trapped.",
        due_in: 30,
        explain: "The device that lowers the {street}'s water pressure has stopped working.",
        who: :plumber
      )
    else
      sound(
        "The {regulator} holds #{say(house)} against #{say(street)} in the {street}.",
        measured: house
      )
    end
  end
end
