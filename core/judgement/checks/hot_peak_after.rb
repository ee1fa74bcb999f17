# frozen_string_literal: true

Munimen::Judgement::Check.define :hot_peak_after, part: :vessel do
  off_page "the same line as the peak as found"
  uses :hot_peak_after
  judge do |visit|
    peak = visit.quantity(:hot_peak_after)
    at_relief(
      peak,
      msg("As left, pressure still climbs to {peak}: the {first_relief} would open every time.",
          peak: say(peak), first_relief:)
    ) ||
      exceeds_limit(
        peak,
        :hot_peak,
        msg("As left, pressure still rises to {peak} while the water heats.", peak: say(peak))
      ) ||
      sound(
        msg("As left, pressure rises no further than {peak}.", peak: say(peak)),
        measured: peak,
        limit: visit.rules.limit(:hot_peak)
      )
  end
end
