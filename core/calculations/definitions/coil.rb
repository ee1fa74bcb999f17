# frozen_string_literal: true

# Q = ṁ·cp·ΔT; effectiveness (Tf − Tr)/(Tf − Tt); UA = −ṁ·cp·ln(1 − ε).
Munimen::Calculations::Calculation.define :coil do
  title "What a boiler coil gives up"
  input :flow, :flow, note: "through the coil"
  input :flow_temperature, :temperature
  input :return_temperature, :temperature
  input :tank_temperature, :temperature
  input :rated_power, :power, optional: true
  input :rated_flow, :flow, optional: true
  output :power, :power
  output :effectiveness, :number
  output :conductance, :conductance, unit: "W/K"
  output :verdict, :word
  practice =
    Munimen::Source.common_practice("work out the heat first: a large flow also returns hot")
  rating = Munimen::Source.from_memory("Rating taken at 80 °C flow into water at 35 °C on " \
                                       "average")
  source practice, rating

  compute do |i, units|
    Munimen::Calculations::Limits.positive(i[:flow], :flow)
    hot, back, tank =
      i.values_at(:flow_temperature, :return_temperature, :tank_temperature).map(&:si)
    if back >= hot
      raise Munimen::Error.new(
        "return_temperature must be below the flow; above it the two are swapped or misread.",
        field: :return_temperature,
        code: :misreading
      )
    elsif back <= tank
      raise Munimen::Error.new(
        "return_temperature must be above the tank; a return below it is a misreading.",
        field: :return_temperature,
        code: :misreading
      )
    end

    capacity = lambda do |flow|
      flow.si * Munimen::Physics::Water.density(hot) *
        Munimen::Physics::Water.specific_heat((hot + back) / 2)
    end
    power = capacity[i[:flow]] * (hot - back)
    effectiveness = (hot - back) / (hot - tank)
    conductance = -capacity[i[:flow]] * Math.log(1 - effectiveness)
    judged = Munimen::Calculations::Judged.new(:coil)
    given = Munimen::Measure::Quantity.new(:power, power).format(units)
    full = i[:rated_flow] && i[:rated_power] && (capacity[i[:rated_flow]] * 45)
    if full && i[:rated_power].si < full
      rated = -capacity[i[:rated_flow]] * Math.log(1 - (i[:rated_power].si / full))
      share = conductance / rated
      limit = msg("{rated} W/K when clean", rated: rated.round)
      measured = "#{conductance.round} W/K"
      if share < 0.6
        judged.add(
          :defect,
          msg("The coil passes {percent} % of what it should: fouled, or short of water.",
              percent: (share * 100).round),
          measured:,
          limit:,
          source: rating
        )
      elsif share < 0.8
        judged.add(
          :watch,
          msg("The coil passes {percent} % of what it should.", percent: (share * 100).round),
          measured:,
          limit:,
          source: rating
        )
      else
        judged.add(
          :sound,
          msg("The coil passes what it should: {given}.", given:),
          measured:,
          limit:,
          source: rating
        )
      end
    elsif effectiveness < 0.2
      judged.add(
        :watch,
        msg("The return is nearly as hot as the flow: little is given up ({given}). Look at the " \
            "flow rate before blaming the coil.",
            given:),
        measured: "#{(effectiveness * 100).round} %",
        source: practice
      )
    else
      judged.add(
        :sound,
        msg("It gives up {given}, the return clearly cooler than the flow.", given:),
        measured: "#{(effectiveness * 100).round} %",
        source: practice
      )
    end
    { power:, effectiveness:, conductance:, verdict: judged.grade, judged: judged.verdict }
  end
end
