# frozen_string_literal: true

# All that is said of a visit in the open form, as one text: the same on the server and in the Ruby
# of the browser, which is given this file.
module Judged
  module_function

  def call(text)
    visit = Munimen::Visit::Format.read(JSON.parse(text))
    plan = Munimen::Planning::Planner.new(visit).plan(visit.jobs)
    JSON.generate(
      page: Munimen::Report::CustomerPage.new(visit).to_h,
      plan: plan.steps.map { |step| [step.operation.id, step.start] },
      verdicts: Munimen::Judgement::Judge.new(visit).verdicts.map(&:to_h),
      section: Munimen::Drawing::Section.new(visit.heater, state: visit.state).to_h,
      ladder: Munimen::Drawing::Ladder.new(visit).to_h
    )
  rescue Munimen::Error => e
    "refused: #{e.message}"
  end
end
