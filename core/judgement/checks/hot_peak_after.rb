# frozen_string_literal: true

Munimen::Judgement::Check.define :hot_peak_after, part: :vessel do
  off_page "the same line as the peak as found"
  uses :hot_peak_after
  judge do |visit|
    peak = visit.quantity(:hot_peak_after)
    at_relief(
      peak,
      "As left, pressure still climbs to #{say(peak)}: the #{first_relief} would open every time."
    ) ||
      exceeds_limit(
        peak,
        :hot_peak,
        "As left, pressure still rises to #{say(peak)} while the water heats."
      ) ||
      sound(
        "As left, pressure rises no further than #{say(peak)}.",
        measured: peak,
        limit: visit.rules.limit(:hot_peak)
      )
  end
end
