# frozen_string_literal: true

# A tank of steel lasts eight to twelve years by common practice: from fifteen on it is said.
age = Munimen::Source.common_practice("most tanks last 8 to 12 years; water and anode decide")

Munimen::Judgement::Check.define :heater_age, part: :tank do
  off_page "of what is installed: advice where it is old"
  judge do |visit|
    # a tank rusts from its first use on, which can be a year or two after it was made
    used = visit.heater.installed || visit.heater.manufactured
    made = used.to_s[/\b(?:19|20)\d\d\b/]&.to_i
    next unless made && visit.date

    years = visit.date.year - made
    next if years < 15

    finding(
      :advice,
      msg("It is {years} years old: fitted or made in {made}.", years:, made:),
      source: age,
      measured: msg("{years} years", years:),
      due_in: 365,
      who: trade,
      remedy: "Plan its replacement; look at each visit for rust, damp and a used-up anode.",
      explain: "A water heater this old may begin to leak without warning."
    )
  end
end
