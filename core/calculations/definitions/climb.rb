# frozen_string_literal: true

# Against the simulated heater: spec/reference/climb_spec.rb.
Munimen::Calculations::Calculation.define :climb do
  title "Which vessel does the climb show?"
  input :volume, :volume, note: "of the tank"
  input :power, :power
  input :efficiency, :number, default: "0.8", note: "0.8 for gas, 1 for electric"
  input :cold, :temperature, note: "when the heating starts"
  input :hot, :temperature
  input :readings, :samples, note: "a line each: seconds since it heats, and the pressure"
  input :vessel_volume, :volume, default: "0", note: "as recorded; 0 for none"
  input :charge, :pressure, optional: true, note: "of its air, as recorded"
  input :relief_setting, :pressure, default: "150 psi"
  output :words, :word
  output :taken_up, :volume, note: "that a vessel has really taken so far"
  output :vessel_seen, :volume, note: "that would take this"
  output :time_to_relief, :time, note: "from the start; none if the water is hot before"
  output :series, :list, note: "[{course, time, pressure}]: three of them, and what was read"
  source Munimen::Source.published("IAPWS-IF97", "region 1"),
         Munimen::Source.published("ASHRAE Handbook, HVAC Systems and Equipment",
                                   "hydronic expansion, diaphragm tank", clause: :from_memory),
         Munimen::Source.common_practice("give of a tank: 10–15 psi/min on a 40–50 gal gas " \
                                         "heater")

  compute do |i, units|
    Munimen::Calculations::Limits.heating(i)
    Munimen::Calculations::ClimbSeen.new(i, units).outputs
  end
end
