# frozen_string_literal: true

Munimen::Drawing::Chart.define :blending do
  bars do |r|
    { "hot" => :hot_flow, "cold" => :cold_flow }
      .map { |name, of| [name, Munimen::Measure::Quantity.new(:flow, r.outputs[of])] }
  end
end
