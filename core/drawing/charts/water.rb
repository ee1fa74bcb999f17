# frozen_string_literal: true

# How water thins as it warms.
Munimen::Drawing::Chart.define :water do
  curve x: :temperature, y: :density, range: ->(_) { [celsius(1), celsius(150)] }
end
