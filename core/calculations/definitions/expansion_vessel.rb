# frozen_string_literal: true

# ΔV / (P0/P1 − P0/P2). 50 gal, 50→140 °F, 60→80 psi: 3.97 gal.
Munimen::Calculations::Calculation.define :expansion_vessel do
  title "The expansion vessel a heater needs"
  input :volume, :volume, note: "of the tank"
  input :cold, :temperature
  input :hot, :temperature
  input :supply_pressure, :pressure
  input :maximum_pressure, :pressure, note: "that must not be passed when hot"
  input :charge,
        :pressure,
        default: ->(i) { i[:supply_pressure] },
        note: "air in the vessel; the supply pressure unless given"
  output :expanded_volume, :volume
  output :acceptance_fraction, :number
  output :minimum_volume, :volume
  output :next_size, :volume
  source Munimen::Source.published(
    "ASHRAE Handbook, HVAC Systems and Equipment",
    "hydronic expansion, diaphragm tank",
    clause: :from_memory
  ),
         Munimen::Source.from_memory("Common vessel sizes")

  compute do |i, units|
    limits = Munimen::Calculations::Limits
    limits.positive(i[:volume], :volume)
    limits.check(i[:cold], i[:hot])
    limits.below(i[:supply_pressure], i[:maximum_pressure], :supply_pressure, "maximum")
    limits.below(i[:charge], i[:maximum_pressure], :charge, "maximum")
    expanded = i[:volume].si * Munimen::Physics::Water.expansion(i[:cold].si, i[:hot].si)
    pressures = {
      supply: i[:supply_pressure].si,
      maximum: i[:maximum_pressure].si,
      charge: i[:charge].si
    }
    minimum = Munimen::Physics::Vessel.volume_for(expanded, **pressures)
    {
      expanded_volume: expanded,
      acceptance_fraction: Munimen::Physics::Vessel.acceptance(**pressures),
      minimum_volume: minimum,
      next_size: Munimen::Heater::VesselSizes.next_above(minimum, units)
    }
  end
end
