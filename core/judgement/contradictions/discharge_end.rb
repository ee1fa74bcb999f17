# frozen_string_literal: true

# How high the discharge pipe ends, measured and looked at. Two diameters of a pipe of 3/4 in are
# 1 1/2 in (IRC P2804.6.1 item 10, from memory).
Munimen::Judgement::Contradiction.define :discharge_end do
  between readings: %i[outlet_height], items: %i[discharge_clear]
  text "The pipe's end was measured as high enough and seen as too low, or the other way round."
  found do |visit|
    limit = visit.rules.limit(:outlet_clear) or next
    low = limit.violated_by(visit.quantity(:outlet_height))
    { sound: low, low: !low }[visit.observation(:discharge_clear).finding]
  end
end
