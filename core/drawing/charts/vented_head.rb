# frozen_string_literal: true

# Head by height, as the column of water that presses.
Munimen::Drawing::Chart.define :vented_head do
  curve x: :head, y: :pressure,
        range: ->(_) { [0.5, 10.0].map { |m| Munimen::Measure::Quantity.new(:run, m) } }
end
