# frozen_string_literal: true

# Energy balance at a mixing valve: of the mass, (hm − hc)/(hh − hc) is hot. 60 and 10 to 40 °C:
# 0.60.
Munimen::Calculations::Calculation.define :blending do
  title "How much hot and cold make the mixed water"
  input :hot, :temperature
  input :cold, :temperature, default: "50 °F"
  input :mixed, :temperature
  input :flow, :flow, default: "2.0 gal/min", note: "of the mixed water"
  output :hot_share, :number
  output :cold_share, :number
  output :hot_flow, :flow
  output :cold_flow, :flow
  source Munimen::Source.published("IAPWS-IF97", "region 1, enthalpy")

  compute do |i|
    limits = Munimen::Calculations::Limits
    limits.check(i[:cold], i[:hot])
    limits.positive(i[:flow], :flow)
    unless i[:mixed].si.between?(i[:cold].si, i[:hot].si)
      raise Munimen::Error.new("mixed must lie between cold and hot.", field: :mixed,
                                                                       code: :out_of_range)
    end

    water = Munimen::Physics::Water
    hot, cold, mixed = i.values_at(:hot, :cold, :mixed).map { |one| water.enthalpy(one.si) }
    share = (mixed - cold) / (hot - cold)
    mass = i[:flow].si * water.density(i[:mixed].si)
    {
      hot_share: share.round(4), cold_share: (1 - share).round(4),
      hot_flow: share * mass / water.density(i[:hot].si),
      cold_flow: (1 - share) * mass / water.density(i[:cold].si)
    }
  end
end
