# frozen_string_literal: true

Munimen::Heater::HeatSource.define :immersion do
  fed_by :electricity
  field :backup_immersion, "has no back-up immersion"
  field :immersion_power, "has no back-up immersion"
  field :element_voltage, "has no element"
end
