# frozen_string_literal: true

Munimen::Work::Operation.define :read_coil_after do
  part :coil
  protects :none
  place :controls
  title "Measure the coil again"
  instrument "Two thermometers on the pipes"
  how "As before, at the same flow: the return stays clearly cooler than the flow until the tank " \
      "catches up."
  because "Before and after on one line show what the cleaning was worth."
  applies_to(&:coil?)
  needs heat: :on, level: :full, coil_loop: :live
  after :clean_coil, :read_coil_before
  recommissions
  read :coil_flow_temperature_after, :temperature, "Flow pipe"
  read :coil_return_temperature_after, :temperature, "Return pipe"
  read :coil_tank_temperature_after, :temperature, "Tank, at the coil"
  guide :coil
  only_when_asked
  hands_on 180
end
