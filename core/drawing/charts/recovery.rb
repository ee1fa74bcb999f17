# frozen_string_literal: true

Munimen::Drawing::Chart.define :recovery do
  curve x: :rise,
        y: :flow_per_hour,
        range: lambda { |_|
          [20, 70].map { |kelvin| Munimen::Measure::Quantity.new(:temperature_difference, kelvin) }
        }
end
