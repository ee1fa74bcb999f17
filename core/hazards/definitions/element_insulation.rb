# frozen_string_literal: true

Munimen::Hazards::Hazard.define :element_insulation do
  title "An element leaks current to earth"
  part :element_lower
  on { |heater| heater.electric_sources.any? }
  found(by: %i[element_earth element_earth_lower]) do |visit|
    limit = Munimen::Measure::Quantity.of(1, "Mohm", :insulation)
    %i[element_earth element_earth_lower].any? do |name|
      insulation = visit.quantity(name)
      insulation && insulation < limit
    end
  end
  safe heat: :off, feed: %i[off proved_dead], lock: :on
  bars :read_live_voltage
  repaired_by :replace_elements
  cleared_by :measure_elements
  source Munimen::Source.published("NEC, BS 7671", "insulation", clause: :from_memory)
end
