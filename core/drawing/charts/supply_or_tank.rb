# frozen_string_literal: true

# What vessel each supply asks for, and what the one that is there takes.
Munimen::Drawing::Chart.define :supply_or_tank do
  curve x: :supply_pressure,
        y: :minimum_volume,
        range: lambda { |r|
          top = r.inputs[:maximum_pressure]
          [top - psi(45), top - psi(3)]
        }
  level("yours") { |r| r.inputs[:vessel_volume] }
end
