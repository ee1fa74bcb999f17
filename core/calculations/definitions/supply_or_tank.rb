# frozen_string_literal: true

# A vessel charged to the supply takes 1 − (P1 + Pa)/(P2 + Pa) of its volume up to P2, so that what
# it must take sets the highest supply at which it will do. 50 gal, 50→140 °F, to 80 psi: at 60 psi
# 3.97 gal, at 75 psi 15.9 gal; 4.5 gal will do up to 62.4 psi.
Munimen::Calculations::Calculation.define :supply_or_tank do
  title "Lower the supply, or a larger expansion tank?"
  input :volume, :volume, note: "of the tank"
  input :cold, :temperature
  input :hot, :temperature
  input :supply_pressure, :pressure
  input :maximum_pressure, :pressure, note: "that must not be passed when hot"
  input :vessel_volume, :volume, note: "of the vessel that is there"
  output :minimum_volume, :volume, note: "charged to this supply"
  output :next_size, :volume
  output :suiting_supply, :pressure,
         note: "the highest at which the vessel that is there will do; none if never"
  output :cheaper, :word
  source Munimen::Source.published(
    "ASHRAE Handbook, HVAC Systems and Equipment",
    "hydronic expansion, diaphragm tank",
    clause: :from_memory
  ),
         Munimen::Source.common_practice("a regulator is turned down no lower than the house needs")

  compute do |i, units|
    limits = Munimen::Calculations::Limits
    %i[volume vessel_volume].each { |field| limits.positive(i[field], field) }
    limits.check(i[:cold], i[:hot])
    limits.below(i[:supply_pressure], i[:maximum_pressure], :supply_pressure, "maximum")
    Munimen::Calculations::SupplyOrTank.new(i, units).outputs
  end
end
