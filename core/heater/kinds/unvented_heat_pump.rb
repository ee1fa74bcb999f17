# frozen_string_literal: true

# The same as an unvented cylinder: three tiers for each source, the compressor included.
Munimen::Heater::Kind.define :unvented_heat_pump, like: :heat_pump do
  called "A heat pump cylinder"
  place 60
  water :unvented
  high_limit false
  usual capacity: "200 L", heat_pump_elements: "yes", element_lower: "1.5 kW"
  year :annual_unvented
end
