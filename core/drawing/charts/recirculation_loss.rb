# frozen_string_literal: true

# Bare, and by how much is round it.
Munimen::Drawing::Chart.define :recirculation_loss do
  curve x: :insulation, y: :year, range: ->(_) { [millimetres(0), millimetres(40)] }
end
