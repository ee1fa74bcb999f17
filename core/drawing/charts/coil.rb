# frozen_string_literal: true

# What the coil gives up as the tank warms: as measured, and as its rating says when clean.
Munimen::Drawing::Chart.define :coil do
  plot do |result|
    flow = result.inputs[:flow]
    hot = result.inputs[:flow_temperature]
    water = Munimen::Physics::Water
    capacity = ->(litres) { litres.si * water.density(hot.si) * water.specific_heat(hot.si) }
    curve = lambda do |conductance|
      share = 1 - Math.exp(-conductance / capacity[flow])
      (283..(hot.si - 3).to_i).step(5).map do |tank|
        [
          Munimen::Measure::Quantity.new(:temperature, tank),
          Munimen::Measure::Quantity.new(:power, capacity[flow] * share * (hot.si - tank))
        ]
      end
    end
    series = [{ name: "now", points: curve[result.outputs[:conductance]] }]
    rated = result.inputs[:rated_power]
    full = result.inputs[:rated_flow] && (capacity[result.inputs[:rated_flow]] * 45)
    if rated && full && rated.si < full
      clean = -capacity[result.inputs[:rated_flow]] * Math.log(1 - (rated.si / full))
      series << { name: "clean, by its rating", main: false, points: curve[clean] }
    end
    { x: result.inputs[:tank_temperature], y: rated || result[:power], series: }
  end
end
