# frozen_string_literal: true

Munimen::Drawing::Chart.define :heat_up do
  curve x: :hot,
        y: :time,
        range: lambda { |r|
          [Munimen::Measure::Quantity.new(:temperature, r.inputs[:cold].si + 2), fahrenheit(180)]
        }
end
