# frozen_string_literal: true

# Elements and gas pressures, judged by the calculations of those names.
[
  [:element, :element_resistance, :element_earth, %i[element_upper element_lower immersion_power]],
  [:element_lower, :element_resistance_lower, :element_earth_lower, %i[element_lower]]
].each do |id, ohms, earth, plates|
  Munimen::Judgement::Check.define id, part: :disconnect do
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
  uses :gas_operating, :gas_line, :gas_manifold
  judge do |visit|
    given = {
      line: visit.quantity(:gas_line),
      standing: visit.quantity(:gas_standing),
      operating: visit.quantity(:gas_operating),
      manifold: visit.quantity(:gas_manifold),
      plate_manifold: visit.heater.manifold_pressure
    }.compact
    by_calculation(
      :gas_pressure,
      given,
      who: :gas,
      remedy: "Find what takes the pressure; set the manifold to its plate.",
      explain: "The gas pressure at the burner is not what it should be."
    )
  end
end
