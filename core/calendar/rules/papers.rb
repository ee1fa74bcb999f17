# frozen_string_literal: true

# Each paper that was to follow, by the day that its book names.
check = ->(paper) { :"paper.#{paper.id}" }

Munimen::Calendar::Rule.define :papers do
  ours
  comes_from "a permit, notice or certificate that was to follow"
  ended_by "a later visit that says of it that it is there, is not needed or follows later"
  source Munimen::Source.common_practice("the days of the book; the authority's come first")
  ends { |visit| visit.rules.book.papers.select { |one| one.said(visit) }.map(&check) }
  owed do |visit, _|
    owing = visit.rules.book.papers.select { |one| one.said(visit)&.to_follow? }
    owing.map do |one|
      in_days(one.days, msg("{paper}: to follow", paper: one.title), check: check[one])
    end
  end
end
