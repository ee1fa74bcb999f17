# frozen_string_literal: true

# An element of which no plate says where it sits.
Munimen::Heater::HeatSource.define :element do
  fed_by :electricity
  short "immersion"
  field :element_voltage, "has no element"
end
