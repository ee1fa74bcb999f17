# frozen_string_literal: true

# D1, tundish and D2, and the equivalent length used up.
Munimen::Drawing::Chart.define :discharge_pipe_england do
  shapes do |result, canvas|
    d1 = result[:d1_size].in("mm").round
    d2 = result[:d2_size]&.in("mm")&.round
    bends = [result.inputs[:bends].si.to_i, 8].min
    used = result.outputs[:resistance_used]
    allowed = result.outputs[:resistance_allowed]
    canvas.rect(20, 12, 26, 14, :relief_valve, :brass, radius: 2)
    canvas.path("M33 26 V52", :discharge_pipe, :copper)
    canvas.path("M23 54 H43 L37 68 H29 Z", :tundish, :brass)
    x = 33
    y = 92
    route = "M33 68 V92"
    bends.times { |i| route += i.even? ? " H#{x += 34}" : " V#{y += 14}" }
    route += bends.odd? ? " H#{x + 20}" : " V#{y + 22}"
    canvas.path(route, :discharge_pipe, :copper)
    long = [300 * used / [used, allowed].max, 6].max
    canvas.rect(60, 196, 300 * allowed / [used, allowed].max, 14, :discharge_pipe, :plate)
    canvas.rect(60, 196, long, 14, :discharge_pipe, used > allowed ? :flame : :anode)
    [
      { x: 54, y: 44, text: msg("D1 {d1} mm", d1:) },
      { x: 60, y: 84, text: d2 ? msg("D2 {d2} mm", d2:) : "D2: beyond the table" },
      {
        x: 60,
        y: 188,
        text:
          msg("{used} m used of {allowed} m: {length} m of pipe, {to_i} bends",
              used: used.round(1), allowed: allowed.round,
              length: result.inputs[:length].in("m").round(1),
              to_i: result.inputs[:bends].si.to_i)
      }
    ]
  end
end
