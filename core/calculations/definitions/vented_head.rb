# frozen_string_literal: true

# ρ g h: 4 m of water at 20 °C: 0.392 bar. The vent rises 150 mm and 40 mm a metre above the
# cistern's water: 310 mm (BS 5546, from memory).
Munimen::Calculations::Calculation.define :vented_head do
  title "Head of a vented cylinder, and how far its vent rises"
  input :head, :run, note: "of the cistern's water over the point"
  input :temperature, :temperature, default: "20 °C"
  output :pressure, :pressure, unit: "bar"
  output :vent_rise, :length, note: "of the open vent above the cistern's water line"
  source Munimen::Source.published("BS 5546", "open vent, 150 mm + 40 mm a metre",
                                   clause: :from_memory)

  compute do |i|
    limits = Munimen::Calculations::Limits
    limits.positive(i[:head], :head)
    limits.limits(i[:temperature], :temperature)
    weight = Munimen::Physics::Water.density(i[:temperature].si) * 9.80665
    { pressure: weight * i[:head].si, vent_rise: 0.15 + (0.04 * i[:head].si) }
  end
end
