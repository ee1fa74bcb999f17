# frozen_string_literal: true

# The high limit of an electric heater: one that had tripped says that it was too hot.
Munimen::Judgement::Check.define :high_limit, part: :high_limit do
  on_page 110, "High limit"
  uses :high_limit_found
  judge do |visit|
    next sound("The {high_limit} had not tripped.") if visit.choice(:high_limit_found) == :set

    finding(
      :defect,
      "The {high_limit} had tripped: the water was far too hot, or its terminals were.",
      source: Munimen::Source.common_practice("a high limit is never only reset"),
      due_in: 0,
      who: :electrical,
      remedy: "Find out why: thermostats, an {element} to {earth}, a loose terminal.",
      explain: "The device that stops over-heating had switched the {heater} off."
    )
  end
end
