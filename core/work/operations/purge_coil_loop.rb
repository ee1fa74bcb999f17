# frozen_string_literal: true

Munimen::Work::Operation.define :purge_coil_loop do
  part :coil
  place :controls
  title "Purge the coil's loop"
  how "All other zones shut, watching the boiler's pressure, until no air comes."
  because "An air-locked coil gives nothing up."
  applies_to(&:coil?)
  needs coil_loop: %i[air isolated]
  apart two_port: :manual
  makes coil_loop: :live
  hands_on 300
end
