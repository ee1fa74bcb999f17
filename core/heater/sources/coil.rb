# frozen_string_literal: true

Munimen::Heater::HeatSource.define :coil do
  fed_by :boiler
  field :coil_power, "has no boiler coil"
  field :coil_flow, "has no boiler coil"
  field :coil_control, "has no boiler coil"
  field :immersion_set_point, "has no back-up immersion"
  field :immersion_cut_out, "has no back-up immersion"
end
