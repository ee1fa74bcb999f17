# frozen_string_literal: true

Munimen::Drawing::Chart.define :burner_orifice do
  curve x: :manifold_pressure,
        y: :diameter,
        range: lambda { |_|
          [2, 14].map { |inches| Munimen::Measure::Quantity.of(inches, "inH2O", :gas_pressure) }
        }
end
