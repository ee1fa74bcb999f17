# frozen_string_literal: true

# The same volume or larger, and large enough for this heater by `expansion_vessel`; rated for the
# relief setting.
Munimen::Parts::Kind.define :vessel do
  title "{vessel}"
  column :volume, :volume
  column :charge, :pressure
  column :working_pressure, :pressure

  must(:volume, "the same or larger, and large enough for this tank") do |offered, wanted|
    offered.si >= wanted.si * 0.999
  end
  must(
    :working_pressure,
    "at least the pressure at which relief opens",
    grade: :danger
  ) { |offered, wanted| offered.si >= wanted.si - 1.0 }

  wants do |visit|
    heater = visit.heater
    needed = Munimen::Parts::Needed.vessel(visit)
    {
      volume: [heater.vessel_volume, needed].compact.max,
      working_pressure: heater.first_relief_pressure
    }
  end
end
