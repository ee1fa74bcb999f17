# frozen_string_literal: true

Munimen::Heater::HeatSource.define :upper_element do
  fed_by :electricity
  short "upper"
  field :element_upper,
        "has no such element; give its input, its coil or its back-up immersion"
  field :element_voltage, "has no element"
  field :set_point_upper, "has one thermostat, or none of its own"
end
