# frozen_string_literal: true

# Head by height, as the column of water that presses.
Munimen::Drawing::Chart.define :vented_head do
  curve x: :head, y: :pressure,
        range: ->(_) { [Munimen::Measure::Quantity.new(:run, 0.5), Munimen::Measure::Quantity.new(:run, 10.0)] }
end
