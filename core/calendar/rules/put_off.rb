# frozen_string_literal: true

Munimen::Calendar::Rule.define :put_off do
  comes_from "work put off to another day"
  ended_by "doing it"
  source Munimen::Source.from_memory("a week, unless something else is agreed")
  owed do |visit, _|
    visit.put_off.map do |job, reason|
      text = msg("{job}: put off. {reason}", job: Munimen::Work::Job[job].title,
                                             reason: typed(reason))
      in_days(7, text, job:)
    end
  end
end
