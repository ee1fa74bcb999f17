# frozen_string_literal: true

Munimen::Work::Operation.define :clock_gas_meter do
  part :burner
  protects "gas input", told_by: %i[gas_input_clocked]
  place :bottom
  trade :gas
  wants :input, :plate_basis, :altitude, :fuel, because: "What is clocked is held against it."
  title "Clock the gas meter"
  instrument "Watch"
  how "Everything else that burns gas off. Time some whole turns of the small dial with the " \
      "burner on; the calculator works out the input."
  because "Pressure alone does not tell what burns."
  applies_to(&:gas?)
  needs looked: :yes, lit_joints: :proven, heat: :on, cock: :open, level: :full
  calculator :gas_input, gives: { input: :gas_input_read }
  read :gas_input_read, :power, "Input, as clocked", adjusted: true
  recommissions
  only_when_asked
  uses_heat
  hands_on 240
end
