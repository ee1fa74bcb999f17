# frozen_string_literal: true

module Munimen
  module Cli
    # bin/munimen judge and plan: work on one visit in the open visit format.
    module VisitCommand
      module_function

      # Verdicts, deficiencies, outcome and due dates of a visit, as plain data.
      def judge(data)
        visit = Visit::Format.read(data)
        judge = Judgement::Judge.of(visit)
        deficiencies = judge.deficiencies
        outcome = Judgement::Outcome.new(visit, deficiencies)
        due = visit.date ? Calendar::Due.after(visit, deficiencies, on: visit.date).map(&:to_h) : []
        plain = ->(list) { list.map { |verdict| verdict.in_words(visit.words) } }
        {
          verdicts: plain[judge.verdicts],
          deficiencies: plain[deficiencies],
          rectified: plain[judge.rectified],
          outcome: {
            proposed: outcome.proposed,
            chosen: outcome.chosen,
            because: visit.words.say(outcome.because)
          },
          due: due.map { |item| item.merge(on: item[:on].iso8601) },
          meaning: Judgement::Meaning.new(visit).to_h,
          rulebook: {
            id: visit.rules.book.id,
            edition: visit.rules.book.edition
          }
        }
      end

      # The ordered operations of some jobs, or of the file's own, with needs, makes and times.
      def plan(data, jobs = nil)
        visit = Visit::Format.read(data)
        jobs ||= visit.jobs
        if jobs.empty?
          raise Error.new("The file names no jobs: --jobs annual_safety,pressure_check",
                          field: :jobs, code: :missing)
        end

        plan = Planning::Planner.new(visit).plan(jobs.map { |job| Work::Job[job].id })
        {
          total_seconds: plan.total,
          hands_on_seconds: plan.hands_on,
          bounded: plan.bounded?,
          operations: plan.steps.map { |step| operation(step, visit) },
          impossible:
            plan.impossible.map do |left|
              { operation: left.operation, because: visit.words.say(left.because) }
            end,
          superfluous:
            plan.superfluous.map do |left|
              { operation: left.operation, because: visit.words.say(left.because) }
            end
        }
      end

      def operation(step, visit)
        operation = step.operation
        {
          operation: operation.id,
          title: visit.words.say(operation.title),
          start: step.start,
          hands_on: step.hands_on,
          wait:
            step.wait &&
              { seconds: step.wait.seconds, manner: step.wait.manner, label: step.wait.label },
          needs: operation.needs_under(visit.rules),
          makes: operation.makes.merge(operation.wait&.makes || {}),
          why: visit.words.say(step.why)
        }
      end
      private_class_method :operation
    end
  end
end
