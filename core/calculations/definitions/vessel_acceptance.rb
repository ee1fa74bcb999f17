# frozen_string_literal: true

# Boyle, absolute pressures. 18 L charged to 3 bar, from 3 to 6 bar: 7.70 L; 4.5 gal at 60 psi, from
# 60 to 80 psi: 0.950 gal.
Munimen::Calculations::Calculation.define :vessel_acceptance do
  title "What an expansion vessel takes up between two pressures"
  input :volume, :volume, note: "of the vessel"
  input :charge, :pressure, note: "of its air, with no water in it"
  input :from, :pressure, default: ->(i) { i[:charge] }, note: "cold"
  input :to, :pressure, note: "hot"
  output :accepted, :volume
  output :fraction, :number, note: "of the vessel"
  source Munimen::Source.published("ASHRAE Handbook, HVAC Systems and Equipment",
                                   "hydronic expansion, diaphragm tank", clause: :from_memory)

  compute do |i|
    limits = Munimen::Calculations::Limits
    limits.positive(i[:volume], :volume)
    limits.below(i[:from], i[:to], :from, "pressure it rises to")
    vessel = Munimen::Physics::Vessel.new(volume: i[:volume].si, charge: i[:charge].si)
    accepted = vessel.water(i[:to].si) - vessel.water(i[:from].si)
    { accepted:, fraction: (accepted / i[:volume].si).round(4) }
  end
end
