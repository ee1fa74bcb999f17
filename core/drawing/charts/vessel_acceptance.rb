# frozen_string_literal: true

Munimen::Drawing::Chart.define :vessel_acceptance do
  curve x: :to, y: :accepted,
        range: lambda { |r|
          [Munimen::Measure::Quantity.new(:pressure, r.inputs[:from].si + 1000.0),
           Munimen::Measure::Quantity.new(:pressure, [r.inputs[:to].si, 689_476.0].max)]
        }
end
