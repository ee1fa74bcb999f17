# frozen_string_literal: true

# The supply falling through its three states, and the manifold under it; in England meter and
# appliance.
Munimen::Drawing::Chart.define :gas_pressure do
  plot do |result|
    chain = %i[line standing operating].filter_map.with_index do |name, index|
      [index + 1, result.inputs[name]] if result.inputs[name]
    end
    working = %i[meter_working appliance_working].filter_map.with_index do |name, index|
      [index + 1, result.inputs[name]] if result.inputs[name]
    end
    series = [
      ({ name: "nothing burning, pilot, burner", points: chain } unless chain.empty?),
      ({ name: "meter, appliance", points: working } unless working.empty?),
      (
        if result.inputs[:manifold]
          {
            name: "manifold",
            points: [[3, result.inputs[:manifold]], [3.2, result.inputs[:manifold]]],
            main: false
          }
        end
      )
    ].compact
    { x: "State", y: Munimen::Measure::Quantity.new(:gas_pressure, 0), series: }
  end
  level("least inlet") { |r| r.inputs[:minimum_inlet] }
  level("plate") { |r| r.inputs[:plate_manifold] }
end
