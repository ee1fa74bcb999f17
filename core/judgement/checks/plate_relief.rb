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
        msg("Rated {rating}, the heat input is {input}: the {relief_valve} is too small.",
            rating: say(rating), input: say(input)),
        source:,
        measured: rating,
        due_in: 0,
        who: trade,
        remedy: "Heat off until a valve rated for the input is fitted.",
        explain: "The last safety valve is too small for this {heater}."
      )
    else
      sound(msg("Rated {rating}, the heat input is {input}.",
                rating: say(rating), input: say(input)), measured: rating)
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
        msg("Set to {set}, the plate says {tank}: {what} what it is designed for. Only that is " \
            "held against the {relief_valve}.",
            set: say(set), tank: say(tank), what:),
        source:,
        measured: set
      )
    end
    if above
      finding(
        :danger,
        msg("Set to {set}, the tank is rated for {tank}: it opens too late.",
            set: say(set), tank: say(tank)),
        source:,
        measured: set,
        due_in: 0,
        who: trade,
        remedy: "Heat off until a valve set no higher than the tank's rating is fitted.",
        explain: "The last safety valve opens later than the tank can stand."
      )
    else
      sound(msg("Opens at {set}, no higher than the tank's {tank}.",
                set: say(set), tank: say(tank)), measured: set)
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
      next sound(msg("Fitted {fitted}: within its three years.",
                     fitted:), measured: msg("{years} years",
                                                                            years: years.round(1)))
    end

    finding(
      :defect,
      msg("Fitted {fitted}: its three years are over.", fitted:),
      source:,
      measured: msg("{years} years", years: years.round(1)),
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
