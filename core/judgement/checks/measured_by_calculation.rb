# frozen_string_literal: true

# Elements and gas pressures, judged by the calculations of those names.
[
  [:element, :element_resistance, :element_earth, %i[element_upper element_lower immersion_power],
   220, "{Element}, upper or only one"],
  [:element_lower, :element_resistance_lower, :element_earth_lower, %i[element_lower],
   230, "{Element}, lower"]
].each do |id, ohms, earth, plates, place, title|
  Munimen::Judgement::Check.define id, part: :disconnect do
    on_page place, title
    uses ohms, earth
    judge do |visit|
      rated = plates.filter_map { |field| visit.heater.public_send(field) }.first
      next not_tested("The element's rating is not recorded; read it off its flange.") unless rated

      volts = quantity(visit.heater.volts(visit.units), :voltage)
      given = {
        rated_power: rated,
        rated_voltage: volts,
        resistance: visit.quantity(ohms),
        earth_resistance: visit.quantity(earth)
      }.compact
      by_calculation(
        :element,
        given,
        who: :electrical,
        remedy: "Replace the {element}; the circuit stays off meanwhile.",
        explain: "A heating element is worn out or unsafe."
      )
    end
  end
end

Munimen::Judgement::Check.define :gas_pressures, part: :gas_control do
  on_page 250, "Gas pressures"
  uses :gas_operating, :gas_line, :gas_manifold
  judge do |visit|
    england = visit.units == :england
    fuel = Munimen::Calculations::GasPressures.fuel(visit.heater, england:)
    # so high a pressure breaks a control whatever burns in it; all else goes by the fuel. Bottled
    # gas in England goes by its regulator, whose lock-up is not known here
    line = visit.quantity(:gas_line)
    bottled = england && %i[lp butane].include?(fuel)
    breaks = line && !bottled && exceeds_limit(
      line, :gas_lock_up, "So high a pressure can break the gas control."
    )
    next breaks if breaks

    unless fuel
      next not_tested("Which gas it burns is not on record: read it off the plate first; each " \
                      "pressure goes by it.")
    end

    # the typical manifold is no plate: without one it is not judged
    manifold = visit.quantity(:gas_manifold) if visit.heater.manifold_pressure
    given = { manifold:, plate_manifold: visit.heater.manifold_pressure }
    if england
      given[:appliance_working] = visit.quantity(:gas_operating)
      given[:lock_up] = visit.quantity(:gas_line) if fuel == :natural
    else
      given.merge!(
        line: visit.quantity(:gas_line),
        standing: visit.quantity(:gas_standing),
        operating: visit.quantity(:gas_operating)
      )
    end
    given.compact!
    if (given.keys - [:plate_manifold]).empty?
      next not_tested("Nothing here can be judged: a manifold goes by its plate, which is not on " \
                      "record.")
    end

    given[:fuel] = fuel.to_s
    # an inlet that starves is put right before a manifold is touched
    fed = england ? given[:appliance_working] : given[:operating]
    starved = fed && Munimen::Calculations::GasPressures.starved?(fed, fuel, england:)
    by_calculation(
      :gas_pressure,
      given,
      who: :gas,
      remedy: if starved
                "Put the supply right first: pipe, meter, regulator, other appliances. The " \
                  "manifold is not touched before."
              else
                "Find what takes the pressure; set the manifold to its plate."
              end,
      explain: "The gas pressure at the burner is not what it should be."
    )
  end
end
