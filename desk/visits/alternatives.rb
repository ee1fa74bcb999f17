# frozen_string_literal: true

module Munimen
  module Desk
    # What putting off each job would gain: when the visit would end and hot water be back.
    class Alternatives
      def initialize(context) = @context = context

      # [{job:, title:, total:, hot_again:}] in seconds from now.
      def call(visit_id)
        visit = @context.records.visits.load(visit_id, now: @context.now)
        visit.jobs.map do |job|
          left = visit.jobs - [job]
          plan = Planning::Planner.new(visit).plan(left)
          {
            job:,
            title: visit.words.say(Work::Job[job].title),
            total: plan.total,
            hot_again: Planning::PlanResources.new(plan, visit).hot_again
          }
        end
      end
    end
  end
end
