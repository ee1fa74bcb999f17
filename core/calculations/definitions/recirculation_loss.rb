# frozen_string_literal: true

# A pipe's loss: 1/R = ln(ro/ri)/2πk + 1/(h 2π ro), h 10 W/m²K. 15 mm in 13 mm of 0.035 at 55 °C in
# 20 °C: 6.5 W/m; bare 16.5 W/m.
Munimen::Calculations::Calculation.define :recirculation_loss do
  title "What a recirculation loop loses"
  input :length, :run, note: "there and back"
  input :pipe, :bore, default: "15 mm", note: "outer diameter"
  input :insulation, :bore, default: "0 mm", note: "round the pipe"
  input :conductivity, :number, default: "0.035", note: "of it, W/m/K"
  input :water, :temperature, default: "55 °C"
  input :room, :temperature, default: "20 °C"
  input :hours, :number, default: "24", note: "a day that it runs"
  input :price, :number, optional: true, note: "for each kWh"
  output :per_metre, :element_power, unit: "W", note: "for each metre"
  output :loss, :element_power
  output :year, :energy
  output :saved_by_insulating, :energy, note: "a year, with 13 mm round a bare pipe"
  output :saved_by_hours, :energy, note: "a year, at six hours a day"
  output :cost, :number, note: "a year"
  source Munimen::Source.from_memory("Heat through a cylinder; 10 W/m²K from its surface to " \
                                     "still air")

  surface = 10.0 # W/m²K, still air; from memory
  metre = lambda do |pipe, around, conductivity, warmer|
    inner = pipe / 2
    outer = inner + around
    resistance = (Math.log(outer / inner) / (2 * Math::PI * conductivity)) +
                 (1 / (surface * 2 * Math::PI * outer))
    warmer / resistance
  end

  compute do |i|
    limits = Munimen::Calculations::Limits
    limits.limits(i[:water], :water)
    %i[length pipe conductivity].each { |name| limits.positive(i[name], name) }
    unless i[:hours].si.between?(0, 24)
      raise Munimen::Error.new("hours must be between 0 and 24.", field: :hours,
                                                                  code: :out_of_range)
    end
    limits.warmer(i[:water], i[:room], :water)

    warmer = i[:water].si - i[:room].si
    watts = ->(around) { metre[i[:pipe].si, around, i[:conductivity].si, warmer] }
    now = watts[i[:insulation].si]
    yearly = ->(per_metre, hours) { per_metre * i[:length].si * hours * 365 * 3600 }
    year = yearly[now, i[:hours].si]
    wrapped = [i[:insulation].si, 0.013].max
    {
      per_metre: now, loss: now * i[:length].si, year:,
      saved_by_insulating: [year - yearly[watts[wrapped], i[:hours].si], 0].max,
      saved_by_hours: [year - yearly[now, [i[:hours].si, 6].min], 0].max,
      cost: Munimen::Calculations::Cost.of(year, i[:price])
    }
  end
end
