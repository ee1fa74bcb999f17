# frozen_string_literal: true

Munimen::Work::Operation.define :read_operating_pressure do
  part :gas_control
  protects "gas pressures", told_by: %i[gas_pressures]
  place :bottom
  trade :gas
  wants :fuel, :manifold_pressure, because: "The pressure is judged by it."
  title "Read the gas pressures with the burner on"
  instrument "Manometer"
  how "Let them settle. Adjust the manifold a very small turn at a time."
  because "A supply that gives way shows only under load."
  applies_to(&:gas?)
  needs manometer: :connected, cock: :open, lit_joints: :proven, heat: :on
  read :gas_operating, :gas_pressure, "Main burner on"
  read :gas_manifold, :gas_pressure, "Manifold", adjusted: true
  read :gas_standing, :gas_pressure, "Pilot only", optional: true
  calculator :gas_pressure, gives: { operating: :gas_operating }
  after :read_line_pressure
  recommissions
  guide :gas_pressures
  hands_on 180
end
