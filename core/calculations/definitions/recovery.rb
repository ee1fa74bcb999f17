# frozen_string_literal: true

# P·η / (ρ·cp·ΔT). 40 000 Btu/h × 0.8 at 90 °F rise: about 43 gal/h.
Munimen::Calculations::Calculation.define :recovery do
  title "Hot water made in an hour"
  input :power, :power
  input :efficiency, :number, default: "1", note: "0.8 for gas, 1 for electric"
  input :rise, :temperature_difference
  output :flow_per_hour, :hourly_flow
  source Munimen::Source.published("IAPWS-IF97", "region 1")

  compute do |i|
    limits = Munimen::Calculations::Limits
    %i[power efficiency rise].each { |field| limits.positive(i[field], field) }
    limits.share(i[:efficiency], :efficiency)
    # Heat for a litre between 15 °C and a usual tank, where density and specific heat hardly
    # change.
    heat = Munimen::Physics::Water.density(288.15) * Munimen::Physics::Water.specific_heat(308.15)
    { flow_per_hour: i[:power].si * i[:efficiency].si / (heat * i[:rise].si) }
  end
end
