# frozen_string_literal: true

# Of the hardness that passes, a share falls out, more the hotter the water is: given as a range,
# since water, flow and surface differ more than any model knows.
Munimen::Calculations::Calculation.define :scale do
  title "How much scale a year, as a range"
  input :hardness, :number, note: "mg/L as CaCO3; one US grain a gallon is 17.1"
  input :draw, :volume, default: "64 gal", note: "hot water a day"
  input :stored, :temperature, default: "125 °F"
  choice :source_of_heat, %w[gas element coil], default: "gas"
  input :years, :number, default: "1"
  output :mass_least, :mass, unit: "kg"
  output :mass_most, :mass, unit: "kg"
  output :thickness_least, :length, unit: "mm", note: "on the heated surface, if all stayed there"
  output :thickness_most, :length, unit: "mm"
  output :flush_every, :word
  source Munimen::Source.from_memory("A share of the hardness falls out: 1–5 % at 50 °C, " \
                                     "5–25 % at 60 °C, 15–50 % at 80 °C; a rough model")

  shares = { 50.0 => [0.01, 0.05], 60.0 => [0.05, 0.25], 80.0 => [0.15, 0.5] }
  surface = { "gas" => 0.15, "element" => 0.06, "coil" => 0.8 } # m² in usual sizes; from memory
  bulk = 1500.0 # kg/m³ of scale with its pores; from memory
  between = lambda do |celsius|
    points = shares.keys
    celsius = celsius.clamp(points.first, points.last)
    low = points[0..-2].select { |one| one <= celsius }.max || points.first
    high = points[points.index(low) + 1]
    part = (celsius - low) / (high - low)
    shares[low].zip(shares[high]).map { |from, to| from + (part * (to - from)) }
  end

  compute do |i|
    limits = Munimen::Calculations::Limits
    %i[hardness draw years].each { |name| limits.positive(i[name], name) }
    limits.limits(i[:stored], :stored)
    if i[:hardness].si > 2000
      raise Munimen::Error.new("hardness must be at most 2000 mg/L; is it in other units?",
                               field: :hardness, code: :out_of_range)
    end

    passed = i[:hardness].si * 1e-3 * i[:draw].si * 365 * i[:years].si # kg
    least, most = between[i[:stored].in("degC")].map { |share| share * passed }
    yearly = most / i[:years].si
    {
      mass_least: least, mass_most: most,
      thickness_least: least / bulk / surface.fetch(i[:source_of_heat]),
      thickness_most: most / bulk / surface.fetch(i[:source_of_heat]),
      flush_every: if yearly > 2 then "every three months"
                   elsif yearly > 0.5 then "twice a year"
                   else "once a year"
                   end
    }
  end
end
