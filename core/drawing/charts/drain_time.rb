# frozen_string_literal: true

Munimen::Drawing::Chart.define :drain_time do
  curve x: :hose_length,
        y: :time,
        range: ->(_) { [0, 30].map { |metres| Munimen::Measure::Quantity.new(:length, metres) } },
        name: "with this fall"
  curve x: :hose_length,
        y: :time,
        range: ->(_) { [0, 30].map { |metres| Munimen::Measure::Quantity.new(:length, metres) } },
        name: "on the level",
        with: {
          fall: "0 m"
        }
end
