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
  input :maximum_pressure,
        :pressure,
        optional: true,
        note: "that must not be passed when hot; 80 psi (US) or 5 bar unless given"
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
  most = {
    us: [Munimen::Measure::Unit["psi"].to_si(80), Munimen::Source.published("IRC", "P2903.4")],
    england: [
      500_000.0,
      Munimen::Source.from_memory("well below the expansion relief valve's 6 bar")
    ]
  }
  source boyle, *most.values.map(&:last)

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
    maximum, rule = most.fetch(Munimen::Measure::System.american?(units) ? :us : :england)
    maximum = i[:maximum_pressure].si if i[:maximum_pressure]
    high = hot > maximum
    say = ->(pascal) { Munimen::Measure::Quantity.new(:pressure, pascal).format(units) }
    # Heating the whole tank from cold with nothing drawn is rare: what is measured decides.
    grade = if lifts then :defect
            else high ? :watch : :sound
            end
    text =
      if lifts then "The vessel has no room left: pressure reaches the relief valve."
      elsif high then "The vessel takes the expansion up, but the pressure rises too far."
      else "The vessel takes the expansion up."
      end
    judged = Munimen::Calculations::Judged.new(:vessel_performance).add(
      grade,
      text,
      measured: say[hot],
      limit: say[lifts ? relief : maximum],
      source: lifts ? boyle : rule
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
