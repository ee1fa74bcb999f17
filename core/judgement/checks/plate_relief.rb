# frozen_string_literal: true

# What the plates say of the relief valves, held against the heater.
Munimen::Judgement::Check.define :relief_rating, part: :relief_valve do
  off_page "of what is installed: a deficiency where it is one"
  judge do |visit|
    rating = visit.heater.relief_rating
    input = visit.heater.heat_input
    next unless rating && input

    source = Munimen::Judgement::Check.relief_source(visit)
    if rating < input
      finding(
        :danger,
        "Rated #{say(rating)}, the heat input is #{say(input)}: the {relief_valve} is too small.",
        source:,
        measured: rating,
        due_in: 0,
        who: trade,
        remedy: "Heat off until a valve rated for the input is fitted.",
        explain: "The last safety valve is too small for this {heater}."
      )
    else
      sound("Rated #{say(rating)}, the heat input is #{say(input)}.", measured: rating)
    end
  end
end

Munimen::Judgement::Check.define :relief_setting, part: :relief_valve do
  off_page "of what is installed: a deficiency where it is one"
  judge do |visit|
    set = visit.heater.relief_set_pressure
    tank = visit.heater.working_pressure
    next unless set && tank

    source = Munimen::Judgement::Check.relief_source(visit)
    above = set.si > tank.si + 1.0
    if above && visit.heater.design_pressure.nil?
      works = visit.heater.plate_pressure == :operating
      what = works ? "that is what it works at; ask the maker" : "ask whether that is"
      next not_tested(
        "Set to #{say(set)}, the plate says #{say(tank)}: #{what} what it is designed for. Only " \
        "that is held against the {relief_valve}.",
        source:,
        measured: set
      )
    end
    if above
      finding(
        :danger,
        "Set to #{say(set)}, the tank is rated for #{say(tank)}: it opens too late.",
        source:,
        measured: set,
        due_in: 0,
        who: trade,
        remedy: "Heat off until a valve set no higher than the tank's rating is fitted.",
        explain: "The last safety valve opens later than the tank can stand."
      )
    else
      sound("Opens at #{say(set)}, no higher than the tank's #{say(tank)}.", measured: set)
    end
  end
end

# Replaced every three years, where that house rule is chosen.
Munimen::Judgement::Check.define :relief_life, part: :relief_valve do
  off_page "of what is installed: a deficiency where it is one"
  judge do |visit|
    next unless visit.rules.choice(:relief_life) == :three_years && visit.date

    fitted = Date.iso8601(visit.heater.relief_fitted.to_s)
    years = (visit.date - fitted).to_f / 365.25
    source = visit.rules.source(:relief_life)
    if years < 3
      next sound("Fitted #{fitted}: within its three years.", measured: "#{years.round(1)} years")
    end

    finding(
      :defect,
      "Fitted #{fitted}: its three years are over.",
      source:,
      measured: "#{years.round(1)} years",
      question: :relief_life,
      due_in: 60,
      who: trade,
      remedy: "Replace it.",
      explain: "This safety valve is due for replacement by age."
    )
  rescue ArgumentError
    not_tested(
      "When the {relief_valve} was fitted is not recorded; the house rule replaces it after " \
      "three years.",
      source: visit.rules.source(:relief_life)
    )
  end
end
