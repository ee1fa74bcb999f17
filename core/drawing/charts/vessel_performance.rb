# frozen_string_literal: true

# What a charge that does not match the supply costs: lowest where they are equal.
Munimen::Drawing::Chart.define :vessel_performance do
  curve x: :charge, y: :hot_pressure, range: ->(_) { [psi(5), psi(130)] }
  level("relief") { |r| r.inputs[:relief_setting] }
  level("supply") { |r| r.inputs[:supply_pressure] }
end
