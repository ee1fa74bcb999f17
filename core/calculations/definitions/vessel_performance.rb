# frozen_string_literal: true

# 50 gal, 50→140 °F, supply 60 psi, 4.5 gal vessel: charge 60 → 77 psi hot, 40 → 86 psi.
Munimen::Calculations::Calculation.define :vessel_performance do
  title "The pressure that a vessel lets the tank reach"
  input :volume, :volume, note: "of the tank"
  input :cold, :temperature
  input :hot, :temperature
  input :supply_pressure, :pressure
  input :vessel_volume, :volume
  input :charge, :pressure, note: "of the vessel, as found"
  input :relief_setting, :pressure, default: "150 psi"
  output :hot_pressure, :pressure, note: "no more than the relief setting"
  output :margin, :pressure, note: "below the relief setting"
  output :water_before, :volume, note: "in the vessel when cold"
  output :water_after, :volume, note: "in the vessel when hot"
  output :verdict, :word
  boyle = Munimen::Source.published(
    "ASHRAE Handbook, HVAC Systems and Equipment",
    "Boyle's law for a diaphragm tank",
    clause: :from_memory
  )
  source boyle

  compute do |i, units|
    limits = Munimen::Calculations::Limits
    %i[volume vessel_volume].each { |field| limits.positive(i[field], field) }
    limits.check(i[:cold], i[:hot])
    limits.below(i[:supply_pressure], i[:relief_setting], :supply_pressure, "relief setting")
    relief = i[:relief_setting].si
    supply = i[:supply_pressure].si
    vessel = Munimen::Physics::Vessel.new(volume: i[:vessel_volume].si, charge: i[:charge].si)
    expanded = i[:volume].si * Munimen::Physics::Water.expansion(i[:cold].si, i[:hot].si)
    reached = vessel.pressure_with(expanded, supply)
    lifts = reached >= relief
    hot = [reached, relief].min
    say = ->(pascal) { Munimen::Measure::Quantity.new(:pressure, pascal).format(units) }
    judged = Munimen::Calculations::Judged.new(:vessel_performance).add(
      lifts ? :defect : :sound,
      (
        if lifts
          "The vessel has no room left: pressure reaches the relief valve."
        else
          "The vessel takes the expansion up."
        end
      ),
      measured: say[hot],
      limit: say[relief],
      source: boyle
    )
    {
      hot_pressure: hot,
      margin: relief - hot,
      water_before: vessel.water(supply),
      water_after: vessel.water(hot),
      verdict: lifts ? :reaches_the_relief_valve : :holds,
      judged: judged.verdict
    }
  end
end
