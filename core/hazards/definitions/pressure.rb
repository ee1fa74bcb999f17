# frozen_string_literal: true

Munimen::Hazards::Hazard.define :pressure do
  title "The pressure is above what the tank is rated for"
  part :house_main
  found(by: %i[static_pressure hot_peak_found hot_peak_after]) do |visit|
    rated = visit.heater.rated_pressure || visit.heater.relief_pressure
    read = visit.quantity(:hot_peak_after) || visit.quantity(:hot_peak_found)
    [visit.quantity(:static_pressure), read].compact.any? { |one| one.si > rated.si + 1.0 }
  end
  repaired_by :lower_supply
  cleared_by :read_static_left, :read_static_pressure
  source Munimen::Source.common_practice("no more pressure than the tank's plate")
end
