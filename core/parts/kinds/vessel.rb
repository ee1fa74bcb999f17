# frozen_string_literal: true

# The same volume or larger, and large enough that no relief valve opens, as the verdict on the one
# that is there has it; rated for the relief setting. Better still where the heated tank stays below
# the limit for its peak, by `expansion_vessel`.
Munimen::Parts::Kind.define :vessel do
  title "{vessel}"
  fitted_by :fit_vessel, :replace_vessel
  on { |heater| heater.vessel != :bubble }
  column :volume, :volume
  column :charge, :pressure
  column :working_pressure, :pressure

  enough = ->(offered, wanted) { offered.si >= wanted.si * 0.999 }
  must(:volume, "the same or larger, and large enough that no relief valve opens", &enough)
  better(:volume_for_peak, "keeps the heated tank below its limit", column: :volume, &enough)
  must(
    :working_pressure,
    "at least the pressure at which relief opens",
    grade: :danger
  ) { |offered, wanted| offered.si >= wanted.si - 1.0 }

  wants do |visit|
    heater = visit.heater
    {
      volume: [heater.vessel_volume, Munimen::Parts::Needed.vessel_for_relief(visit)].compact.max,
      volume_for_peak: Munimen::Parts::Needed.vessel(visit),
      working_pressure: heater.first_relief_pressure
    }
  end
end
