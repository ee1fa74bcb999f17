# frozen_string_literal: true

# The room beside the room that the burners want, and its openings.
Munimen::Drawing::Chart.define :combustion_air do
  shapes do |result, canvas|
    room = result.inputs[:room_volume].si
    wanted = [result.outputs[:required_volume], 0.1].max
    side = ->(volume) { 170 * Math.cbrt(volume / [room, wanted].max) }
    [[wanted, :unknown], [room, :plate]].each do |volume, role|
      canvas.rect(40, 200 - side[volume], side[volume] * 1.4, side[volume], :tank, role)
    end
    texts = [
      {
        x: 40,
        y: 222,
        text:
          msg("This room {room_volume}; dashed: what the burners want",
              room_volume: result.inputs[:room_volume].format(result.units))
      }
    ]
    if result.outputs[:opening_area]
      count = result.outputs[:openings]
      [34, 150].first(count)
        .each do |up|
          canvas.rect(
            40 + (side[room] * 1.4) - 4,
            [200 - side[room] + 4, 200 - up - 14].max,
            8,
            14,
            :flue,
            :flame
          )
        end
      texts << {
        x: 40,
        y: 16,
        text:
          msg(count == 1 ? "1 opening of {area} each" : "{count} openings of {area} each",
              count:, area: result[:opening_area].format(result.units))
      }
    end
    texts
  end
end
