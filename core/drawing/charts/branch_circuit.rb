# frozen_string_literal: true

Munimen::Drawing::Chart.define :branch_circuit do
  bars do |result|
    [
      ["Current", result[:current]],
      ["Continuous, 125 %", result[:continuous_current]],
      ["Breaker", result[:minimum_breaker]],
      ["At most", result[:maximum_breaker]]
    ]
  end
end
