# frozen_string_literal: true

Munimen::Drawing::Chart.define :standing_loss do
  curve x: :stored, y: :loss, range: ->(r) { [r.inputs[:room], celsius(80)] }
end
