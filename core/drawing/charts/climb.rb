# frozen_string_literal: true

# What was read, among the courses that the vessel as recorded, flat, and none would give.
Munimen::Drawing::Chart.define :climb do
  plot do |result|
    last = result.outputs[:series].last[:time].si * 2
    names = { "recorded" => "as recorded", "flat" => "flat", "none" => "none", "read" => "read" }
    courses = result.outputs[:series].group_by { |row| row[:course] }
    series = courses.map do |name, rows|
      shown = rows.select { |row| row[:time].si <= last }
      { name: names[name], points: shown.map { |row| row.values_at(:time, :pressure) },
        main: name == "read" }
    end
    { x: Munimen::Measure::Quantity.new(:time, last), y: result.inputs[:relief_setting], series: }
  end
  level("relief") { |r| r.inputs[:relief_setting] }
end
