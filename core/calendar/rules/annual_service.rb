# frozen_string_literal: true

Munimen::Calendar::Rule.define :annual_service do
  comes_from "an annual visit"
  ended_by "the next annual visit"
  source Munimen::Source.common_practice("once a year; the maker's instructions come first")
  owed do |visit, _|
    job = %i[annual_unvented annual_safety].find { |id| visit.jobs.include?(id) } or next
    in_days(365, "Annual safety visit, with the {relief_valve} exercised.", job:)
  end
end
