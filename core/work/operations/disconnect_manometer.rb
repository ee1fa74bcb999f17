# frozen_string_literal: true

Munimen::Work::Operation.define :disconnect_manometer do
  part :gas_control
  place :bottom
  trade :gas
  title "Take the manometer off, test points shut"
  how "Hose off, test points screwed shut; they are proved with leak fluid when the gas is back."
  because "An open test point is never left."
  applies_to(&:gas?)
  needs manometer: :connected, cock: :shut
  makes manometer: :off, test_points: :shut, gas_joints: :disturbed, lit_joints: :disturbed
  after :read_line_pressure, :read_operating_pressure
  hands_on 60
end
