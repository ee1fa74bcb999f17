# frozen_string_literal: true

Munimen::Drawing::Chart.define :settled_reading do
  plot do |result|
    value = result.outputs[:value]
    trace = result.inputs[:samples]
    ends = trace.map(&:first).minmax
    {
      x: "Seconds",
      y: "Value",
      series: [
        { name: "trace", points: trace },
        ({ name: "settled", main: false, points: ends.map { |t| [t, value] } } if value)
      ].compact
    }
  end
end
