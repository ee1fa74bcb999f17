# frozen_string_literal: true

Munimen::Work::Operation.define :connect_manometer do
  part :gas_control
  place :bottom
  trade :gas
  title "Connect the manometer"
  instrument "Manometer"
  how "Zero it, slacken the test screw with the cock shut, push the hose on."
  because "The cock is shut before a test point is opened."
  applies_to(&:gas?)
  needs cock: :shut, heat: :off, test_points: :shut
  makes manometer: :connected, test_points: :open
  tools "Manometer"
  after :replace_gas_control, :mend_gas_supply
  hands_on 60
end
