# frozen_string_literal: true

module Munimen
  module Planning
    # Puts the operations of some jobs in order from a state of the heater.
    #
    #   Planner.new(visit).plan(%i[annual_safety]).steps.map { |step| step.operation.id }
    #
    # Jobs share one isolation and one restoring; what is already done in the visit is not planned
    # again.
    class Planner
      # visit: a Visit (its heater, rules, state, what is done and what is running). shelf: a
      # PlanShelf, where what has been found for the same problem, in whatever visit, is taken from.
      def initialize(visit, shelf: nil)
        @visit = visit
        @shelf = shelf
      end

      # Plan for the operations still open of these jobs, and those asked for besides.
      def plan(jobs) = self.for(Agenda.new(@visit, jobs), jobs.size)

      # The same for an Agenda of the visit; jobs: how many there are.
      def for(agenda, jobs = @visit.jobs.size)
        written(agenda, solution(agenda, jobs))
      end

      private

      def solution(agenda, jobs)
        solve = -> { Solver.new(agenda, jobs:).solution }
        return solve.call unless @shelf

        @shelf.fetch(PlanKey.new(agenda, jobs:).to_s, lasting: @visit.running_waits.empty?, &solve)
      end

      def written(agenda, solution)
        moves, total = timed(solution)
        PlanWriter.new(@visit).plan(
          moves,
          goals: solution.goals,
          impossible: agenda.impossible + solution.hopeless,
          superfluous: agenda.superfluous,
          total:,
          at_least: [solution.at_least, total].min
        )
      end

      # By the clock: a tank that was drained in part is full again sooner than the search took it.
      def timed(solution)
        operations = solution.moves.map { |id, _| Work::Operation[id] }
        Replay.new(@visit).of(operations) || [
          solution.moves.map { |id, start| PlanWriter::Move.new(Work::Operation[id], start) },
          solution.total
        ]
      end
    end
  end
end
