# frozen_string_literal: true

Munimen::Hazards::Hazard.define :wiring do
  title "A part that can be touched is, or can become, live"
  part :disconnect
  seen covers: %i[off scorched]
  read dead_readings: :live, after_off: :live
  found(by: %i[element_earth element_earth_lower]) do |visit|
    limit = Munimen::Measure::Quantity.of(1, "Mohm", :insulation)
    %i[element_earth element_earth_lower].any? do |name|
      insulation = visit.quantity(name)
      insulation && insulation < limit
    end
  end
  safe heat: :off, feed: %i[off proved_dead], lock: :on
  bars :read_live_voltage
  repaired_by :replace_elements, :mend_wiring
  cleared_by :measure_elements
  source Munimen::Source.published("NEC, BS 7671", "insulation and earth", clause: :from_memory)
end
