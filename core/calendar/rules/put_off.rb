# frozen_string_literal: true

Munimen::Calendar::Rule.define :put_off do
  comes_from "work put off to another day"
  ended_by "doing it"
  source Munimen::Source.from_memory("a week, unless something else is agreed")
  owed do |visit, _|
    visit.put_off.map do |job, reason|
      in_days(7, "#{Munimen::Work::Job[job].title}: put off. #{reason}", job:)
    end
  end
end
