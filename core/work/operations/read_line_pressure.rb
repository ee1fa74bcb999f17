# frozen_string_literal: true

Munimen::Work::Operation.define :read_line_pressure do
  part :gas_control
  protects "gas pressures", told_by: %i[gas_pressures]
  place :bottom
  trade :gas
  title "Read the gas pressure, nothing burning"
  instrument "Manometer"
  how "Let it settle, read, write it down: lock-up with nothing burning."
  because "Lock-up shows the regulator before it."
  applies_to(&:gas?)
  needs manometer: :connected, cock: :open, gas_joints: :proven, heat: :off
  read :gas_line, :gas_pressure, "Nothing burning"
  guide :gas_pressures
  hands_on 60
end
