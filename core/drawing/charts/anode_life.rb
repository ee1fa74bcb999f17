# frozen_string_literal: true

# What was found, and the band in which the anode comes to its end.
Munimen::Drawing::Chart.define :anode_life do
  plot do |result|
    by = result.outputs[:replace_by].compact.transform_values { |date| Date.iso8601(date) }
    seen = (result.inputs[:inspections] || []).dup
    seen.unshift([result.inputs[:fitted_on], 1.0]) if result.inputs[:fitted_on]
    year = ->(date) { (date.year + (date.yday / 365.25)).round(3) }
    at = result.inputs[:replace_at].si
    series = [{ name: "found", points: seen.map { |date, left| [year[date], left] } }]
    from = seen.last ? [year[seen.last.first], seen.last.last] : nil
    by.each do |name, date|
      series << {
        name: name.to_s,
        main: name == :likely,
        points: [from || [year[date] - 1, 1.0], [year[date], at]]
      }
    end
    { x: "Year", y: "Part left", series: }
  end
  level("replace at") { |r| r.inputs[:replace_at] }
end
