# frozen_string_literal: true

# Two immersions have a circuit each, by day and by night.
Munimen::Heater::Kind.define :unvented_direct, like: :electric_storage do
  called "A direct cylinder"
  place 50
  water :unvented
  high_limit false
  usual capacity: "150 L", element_upper: "3 kW", element_lower: "3 kW", vessel: "bubble"
  usual_power 3000.0 # from memory
  year :annual_unvented
  feeds do |heater|
    heater.element_upper && heater.element_lower ? %i[off_peak boost] : [:heater]
  end
  most { |heater| [heater.element_upper, heater.element_lower].compact.sum(&:si) }
end
