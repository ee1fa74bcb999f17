# frozen_string_literal: true

# Climbs 10–15 psi/min on a luke-warm 50 gal, 40 000 Btu/h gas heater without a vessel: common
# practice.
Munimen::Calculations::Calculation.define :closed_system do
  title "How fast pressure climbs while a closed system heats"
  input :volume, :volume
  input :power, :power
  input :efficiency, :number, default: "0.8", note: "0.8 for gas, 1 for electric"
  input :cold, :temperature
  input :hot, :temperature
  input :supply_pressure, :pressure
  input :relief_setting, :pressure, default: "150 psi"
  input :vessel_volume, :volume, default: "0"
  input :charge, :pressure, default: ->(i) { i[:supply_pressure] }
  input :compliance,
        :compliance,
        optional: true,
        note: "give of tank, pipes and water; from the volume unless given"
  output :time_to_relief, :time, note: "none if never"
  output :expanded_at_relief, :volume, note: "none if never"
  output :peak_pressure, :pressure
  output :series, :list, note: "[{time, temperature, pressure, expanded_volume}] every 30 s"
  source Munimen::Source.published("IAPWS-IF97", "region 1"),
         Munimen::Source.common_practice("give of a tank: 10–15 psi/min on a 40–50 gal gas " \
                                         "heater")

  compute do |i|
    limits = Munimen::Calculations::Limits
    limits.heating(i)
    limits.below(i[:supply_pressure], i[:relief_setting], :supply_pressure, "relief setting")
    limits.positive(i[:compliance], :compliance) if i[:compliance]
    Munimen::Calculations::ClosedSystemRun.new(i).outputs
  end
end
