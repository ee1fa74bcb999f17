# frozen_string_literal: true

Munimen::Calendar::Rule.define :deficiency do
  comes_from "an open deficiency"
  moved_by "its grade: danger is due the same day"
  ended_by "putting it right, or the customer's acceptance in writing"
  source Munimen::Source.common_practice("every open defect by its date")
  owed do |_, deficiencies|
    deficiencies.reject { |verdict| verdict.grade == :advice }.map do |verdict|
      in_days(
        verdict.due_in || 30,
        Munimen::Message.join([verdict.text, verdict.remedy]),
        grade: verdict.grade,
        check: verdict.check
      )
    end
  end
end
