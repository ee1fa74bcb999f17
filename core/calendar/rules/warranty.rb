# frozen_string_literal: true

# Five years is the shorter of the usual ones: told two months before, while a claim can still be
# made.
Munimen::Calendar::Rule.define :warranty do
  comes_from "the date of installation, or of making"
  ended_by "its day going by"
  source Munimen::Source.common_practice(
    "residential tank warranties run 5–6 years; the maker's paper decides"
  )
  gone_after 60
  renewed
  owed do |visit, _|
    from = day(visit.heater.installed) || day(visit.heater.manufactured) or next
    ends = from >> (12 * Munimen::Heater::Warranty::YEARS.min)
    if ends.between?(today, today + 730)
      on(
        [ends - 60, today + 1].max,
        msg("The maker's warranty may end about {month}: claim before then what is open.",
            month: ends.strftime("%B %Y"))
      )
    end
  end
end
