# frozen_string_literal: true

# The opening that is wanted beside the one that is there, as squares to one scale.
Munimen::Drawing::Chart.define :open_flue_ventilation do
  shapes do |result, canvas|
    wanted = result.outputs[:free_area]
    there = result.inputs[:existing_area]&.si || 0
    side = ->(area) { 150 * Math.sqrt(area / [wanted, there, 1e-6].max) }
    [[40, wanted, :unknown], [210, there, :plate]].each do |x, area, role|
      canvas.rect(x, 190 - side[area], side[area], side[area], :tank, role) if area.positive?
    end
    say = ->(area) { Munimen::Measure::Quantity.new(:area, area).format(result.units) }
    [{ x: 40, y: 212, text: "Wanted: #{say[wanted]}" },
     { x: 210, y: 212, text: "There: #{say[there]}" }]
  end
end
