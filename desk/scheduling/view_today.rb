# frozen_string_literal: true

module Munimen
  module Desk
    # The visits of the day, and what is owed, most urgent first.
    class ViewToday
      MOST = 8 # of what is owed; the rest has a screen of its own
      OLD = 14 # days after which a visit that was begun is no work of today any more
      NAMED = 50 # of those that were never finished

      def initialize(context) = @context = context

      def call(today: @context.now.to_date)
        {
          date: today.iso8601,
          visits: visits(today).map { |row| visit(row) },
          unfinished: unfinished(today),
          **owed
        }
      end

      private

      def visits(today)
        @context.records.visits.of_day(today.iso8601, since: (today - OLD).iso8601)
      end

      # What was begun long ago and never ended.
      def unfinished(today)
        count, rows = @context.records.visits.unfinished((today - OLD).iso8601, limit: NAMED)
        told = rows.map { |row| row.slice(:id, :planned_for, :label, :customer, :address, :person) }
        { count:, oldest: told }
      end

      def visit(row)
        versioned_cache =
          @context
            .records
            .versioned_cache
            .fetch(row[:id], row[:version], now: @context.now) { work_out(row) }
        row.slice(
          :id,
          :status,
          :planned_for,
          :started_at,
          :signed_at,
          :outcome,
          :label,
          :heater_id,
          :customer,
          :address,
          :person
        ).merge(versioned_cache, mine: mine?(row))
      end

      # Whether it is this person's, or nobody's yet.
      def mine?(row) = [nil, @context.person[:id]].include?(row[:account_id])

      # Jobs, kind, what they rang for and work line; they hold until a wait that runs is over.
      def work_out(row)
        core = @context.records.visits.load(row[:id], now: @context.now)
        [
          {
            jobs: core.jobs.map { |job| core.words.say(Work::Job[job].title) },
            kind: core.heater.kind,
            complaint: ComplaintView.of(core),
            line: line(row, core)
          },
          core.running_waits.map(&:ends_at).min
        ]
      end

      # The visit's work line: hands-on blocks and waits from its start, in seconds.
      def line(row, core)
        return { done: core.standing.size, blocks: [] } if row[:status] == "signed"

        plan = @context.records.plans.glance(core)
        { done: core.standing.size, total: plan.total, hands_on: plan.hands_on,
          blocks: plan.steps.map do |step|
            {
              start: step.start,
              seconds: step.hands_on,
              title: core.words.say(step.operation.title),
              wait: step.wait&.seconds,
              manner: step.wait&.manner
            }
          end }
      end

      def owed
        all = Owed.new(@context).call
        {
          owed:
            all[:owed]
              .first(MOST)
              .map do |one|
                one.slice(
                  :id,
                  :kind,
                  :on,
                  :text,
                  :grade,
                  :heater_id,
                  :label,
                  :address,
                  :customer,
                  :job,
                  :late
                )
              end,
          why_first: all[:why_first],
          owed_in_all: all[:counts][:open]
        }
      end
    end
  end
end
