# frozen_string_literal: true

# Takes heat from the air around it; nothing of it stands in the water.
Munimen::Heater::HeatSource.define :compressor do
  fed_by :electricity
  short "pump"
  outside_the_water
  field :compressor_power, "has no compressor"
  field :heat_pump_elements, "has no compressor"
  field :heat_pump_mode, "has no compressor"
  field :refrigerant, "has no compressor"
end
