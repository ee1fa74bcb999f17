# frozen_string_literal: true

Munimen::Heater::HeatSource.define :burner do
  fed_by :gas
  field :input, "has no gas input; give its elements or its coil"
  field :fuel, "burns no gas"
  field :hood, "has no draft hood"
  field :vent, "has no flue"
  field :ignition, "has no burner to ignite"
  field :manifold_pressure, "has no gas manifold"
  field :altitude, "has no burner that thin air could starve"
  field :plate_basis, "has no gas input"
end
