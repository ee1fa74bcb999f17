# frozen_string_literal: true

module Munimen
  module Desk
    # What the screen needs after a reading: the reading, its verdicts, and all of the visit that
    # changed with it, so that nothing has to be asked for again. Where the plan does not stand any
    # more, that is the whole visit.
    class ReadingAnswer
      def initialize(context) = @context = context

      # taken: what TakeReading gave. Plain data for schema Judged of the contract.
      def call(taken)
        visit = taken[:visit]
        {
          reading: StepView.reading(taken[:reading], visit.units),
          verdicts: taken[:verdicts].map { |verdict| StepView.verdict(verdict, visit) },
          changed: changed(visit, taken[:reading])
        }
      end

      private

      def changed(visit, reading)
        version = @context.records.visits.version(visit.site[:id])
        unless @context.records.plans.stands?(visit)
          return { version:, visit: ViewVisit.new(@context).call(visit.site[:id]) }
        end

        judged = JudgedView.new(@context, visit)
        {
          version:,
          steps: steps(visit, reading),
          **judged.written.slice(:readings, :corrected, :answers, :contradictions),
          **judged.findings,
          **judged.pictures
        }
      end

      # What is read in the planned steps in which this reading is taken, as it is asked now.
      def steps(visit, reading)
        plan = @context.records.plans.last(visit.site[:id])
        asking = plan.steps.map(&:operation).select do |operation|
          operation.reads.any? { |read| read.name == reading.name }
        end
        return [] if asking.empty?

        view = StepView.new(visit, @context.person, Instruments.new(@context).briefly)
        asking.map { |operation| view.asks(operation) }
      end
    end
  end
end
