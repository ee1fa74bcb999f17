# frozen_string_literal: true

# Power goes with the square of the voltage.
Munimen::Drawing::Chart.define :element do
  curve x: :supply_voltage,
        y: :power_at_supply,
        range: lambda { |r|
          [0.5, 1.1].map do |share|
            Munimen::Measure::Quantity.new(:voltage, r.inputs[:rated_voltage].si * share)
          end
        }
  level("rated") { |r| r.inputs[:rated_power] }
end
