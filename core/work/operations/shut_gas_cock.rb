# frozen_string_literal: true

Munimen::Work::Operation.define :shut_gas_cock do
  part :gas_cock
  place :bottom
  trade :plumber
  title "Shut the {gas_cock} and tag it"
  how "Lever across the pipe, tag on; the knob stays at OFF."
  because "Nothing may flow while the gas way is open."
  caution :gas_smell
  applies_to(&:gas?)
  needs heat: :off, cock: :open
  secures
  makes cock: :shut
  hands_on 30
end
