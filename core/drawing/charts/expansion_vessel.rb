# frozen_string_literal: true

# The vessel that a maximum pressure asks for, and the next size sold.
Munimen::Drawing::Chart.define :expansion_vessel do
  curve x: :maximum_pressure,
        y: :minimum_volume,
        range: lambda { |r|
          [r.inputs[:maximum_pressure] - psi(12), r.inputs[:maximum_pressure] + psi(70)]
        }
  level("next size") { |r| r[:next_size] }
end
