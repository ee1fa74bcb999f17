# frozen_string_literal: true

# UA ΔT. 1.5 W/K at 60 °C in 20 °C: 60 W, 526 kWh a year. A tank's own walls are the least of it:
# fittings, pipes and the top lose as much again.
Munimen::Calculations::Calculation.define :standing_loss do
  title "What a tank loses standing"
  input :stored, :temperature, default: "60 °C"
  input :room, :temperature, default: "20 °C"
  input :conductance, :conductance, optional: true, note: "as tested; else from size and jacket"
  input :volume, :volume, default: "50 gal"
  input :insulation, :length, default: "50 mm", note: "of the jacket"
  input :conductivity, :number, default: "0.024", note: "of the jacket, W/m/K; foam"
  input :price, :number, optional: true, note: "for each kWh"
  output :wall_conductance, :conductance, note: "flat wall, without fittings"
  output :loss, :element_power
  output :year, :energy
  output :cost, :number, note: "a year"
  source Munimen::Source.common_practice("Fourier's law through a flat wall; fittings come on top")

  compute do |i|
    limits = Munimen::Calculations::Limits
    limits.limits(i[:stored], :stored)
    %i[volume insulation conductivity].each { |name| limits.positive(i[name], name) }
    limits.positive(i[:conductance], :conductance) if i[:conductance]
    limits.warmer(i[:stored], i[:room], :stored)

    tank = Munimen::Heater::Installation
    wide = tank.diameter_of(i[:volume].si)
    area = Math::PI * wide * ((wide * tank::SLENDERNESS) + (wide / 2))
    wall = i[:conductivity].si * area / i[:insulation].si
    loss = (i[:conductance]&.si || wall) * (i[:stored].si - i[:room].si)
    year = loss * 8760 * 3600
    { wall_conductance: wall, loss:, year:, cost: Munimen::Calculations::Cost.of(year, i[:price]) }
  end
end
