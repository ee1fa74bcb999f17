# frozen_string_literal: true

# With one or two elements (hybrid) or, from a plug, with none: where that is not known, one is
# reckoned with.
Munimen::Heater::Kind.define :heat_pump, like: :electric_storage do
  called "A heat pump"
  place 25
  heated_by :compressor, :upper_element, :lower_element, :element
  usual capacity: "50 gal", heat_pump_elements: "yes", element_upper: "4500 W",
        element_lower: "4500 W"
  usual_power 1500.0 # from memory
  sources do |heater|
    known = { upper_element: heater.element_upper, lower_element: heater.element_lower }.compact
    elements = known.empty? ? [:element] : known.keys
    [:compressor, *(elements unless heater.heat_pump_elements == :no)]
  end
  # alone: elements beside it only help, and nobody waits too short
  power { |heater| heater.compressor_power&.si }
  most do |heater|
    elements = [heater.element_upper, heater.element_lower].compact.map(&:si).max
    [heater.compressor_power&.si, elements].compact.sum
  end
end
