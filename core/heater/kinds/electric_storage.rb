# frozen_string_literal: true

# Two elements never run together on the usual upper-priority thermostats.
Munimen::Heater::Kind.define :electric_storage do
  called "An electric heater"
  place 20
  water :main
  heated_by :upper_element, :lower_element, :element
  high_limit true
  usual capacity: "50 gal", element_upper: "4500 W", element_lower: "4500 W"
  usual_power 4500.0 # from memory
  year :annual_safety
  sources do |heater|
    known = { upper_element: heater.element_upper, lower_element: heater.element_lower }.compact
    known.empty? ? [:element] : known.keys
  end
  feeds { |_| [:heater] }
  power { |heater| [heater.element_upper, heater.element_lower].compact.map(&:si).max }
  most(&:heating_power)
end
