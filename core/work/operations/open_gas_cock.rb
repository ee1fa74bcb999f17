# frozen_string_literal: true

Munimen::Work::Operation.define :open_gas_cock do
  part :gas_cock
  place :bottom
  trade :plumber
  title "Open the {gas_cock}"
  how "Slowly, lever in line with the pipe; nothing lit yet."
  because "Joints are proved under gas, before any flame."
  caution :gas_smell
  applies_to(&:gas?)
  needs looked: :yes, cock: :shut, union: :made, burner_door: :sealed, opening: :fitted
  makes cock: :open
  hands_on 30
end
