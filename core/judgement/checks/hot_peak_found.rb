# frozen_string_literal: true

Munimen::Judgement::Check.define :hot_peak_found, part: :vessel do
  on_page 60, "Pressure while heating"
  cured_by :hot_peak_after, "Measured again after the work."
  uses :hot_peak_found
  judge do |visit|
    peak = visit.quantity(:hot_peak_found)
    at_relief(
      peak,
      msg("{peak} is where the {first_relief} opens: expansion is not taken up at all.",
          peak: say(peak), first_relief:)
    ) || exceeds_limit(peak, :hot_peak, msg("Pressure rose to {peak} while the water heated.",
                                            peak: say(peak))) ||
      sound(
        msg("Pressure rose no further than {peak} while the water heated.", peak: say(peak)),
        measured: peak,
        limit: visit.rules.limit(:hot_peak)
      )
  end
end
