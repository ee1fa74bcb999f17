# frozen_string_literal: true

# What was to follow, by the day that the book names for the first of them.
Munimen::Calendar::Rule.define :papers do
  comes_from "a permit, notice or certificate that was to follow"
  ended_by "a later visit that says that it is there, or not needed"
  source Munimen::Source.common_practice("the days of the book; the authority's come first")
  owed do |visit, _|
    owing = visit.rules.book.papers.select do |paper|
      visit.decisions.about(:paper, paper.id) == "to_follow"
    end
    next if owing.empty?

    in_days(owing.map(&:days).min, "Hand in the permit, notice or certificate that was to follow.")
  end
end
