# frozen_string_literal: true

module Munimen
  module Work
    # Puts the operations of some jobs in order from a state of the heater.
    #
    #   Planner.new(visit).plan(%i[annual_safety]).steps.map { |step| step.operation.id }
    #
    # Jobs share one isolation and one restoring; what is already done in the visit is not planned again.
    class Planner
      # Moves, their total seconds, and how many seconds any order takes at least.
      Found = Struct.new(:moves, :total, :at_least)

      # How many states each search may look at: one that leans on the estimate, the exact one (fewer where there is
      # more to choose from, since each then takes longer, and where several jobs leave little hope of a proof), and
      # those of the stages.
      LEAN = ->(operations) { { weight: 4, limit: 2_500 / operations } }
      EXACT = lambda { |operations, goals, jobs|
        { weight: 1, limit: if goals > 16
                              30_000 / (operations**2)
                            else
                              (jobs > 2 ? 9_000 : 16_000) / operations
                            end }
      }
      STAGE = [{ weight: 1, limit: 150 }, { weight: 4, limit: 600 }, { weight: 10, limit: 10_000 }].freeze

      # visit: a Visit (its heater, rules, state, what is done and what is running).
      def initialize(visit)
        @visit = visit
        @space = StateSpace.new(visit.heater)
      end

      # Plan for the operations still open of these jobs, and those asked for besides.
      def plan(jobs)
        @jobs = jobs.size
        open = (jobs.flat_map { |job| Job[job].operations_for(@visit.heater) } + @visit.also).uniq - @visit.settled_operations
        impossible = left_out(open, :forbidden_because)
        superfluous = left_out(open - impossible.map(&:operation), :superfluous_because)
        search_for(open - (impossible + superfluous).map(&:operation), impossible, superfluous)
      end

      private

      # Searches; a goal that nothing can make possible is taken out, with the need that stands in its way.
      def search_for(goals, impossible, superfluous)
        loop do
          return Plan.new(steps: [], impossible:, superfluous:, total: 0) if goals.empty?

          found = shortest(goals, impossible + superfluous)
          return Plan.new(steps: steps(tidy(found.moves, goals), goals), impossible:, superfluous:, total: found.total, at_least: found.at_least) if found

          goals, impossible = without_hopeless(goals, impossible)
        end
      end

      def tidy(moves, goals) = Tidy.new(@space, @visit.rules, waits_over, goals).of(moves)

      # The shortest order that was found for all goals, or nil when there is none: at first a good one stage by stage, then the exact
      # search shows a shorter one, or that there is none, or what any order takes at least; only then one that leans on the estimate is looked for.
      def shortest(goals, left)
        search = Search.new(compiled = compile(@visit.state, goals, goals, left), running: waits.map { |wait| compiled.pending(Operation[wait.operation], wait.seconds_left) })
        staged = in_stages(goals, left)
        exact = search.call(**EXACT[compiled.ops.size, goals.size, @jobs], below: staged&.total || Float::INFINITY)
        found = exact == :too_many ? leaning(search, compiled, staged) : exact
        good = found ? Found.new(*found) : staged
        good&.tap { |one| one.at_least = search.at_least }
      end

      # A shorter order than the staged one, or any, by the quick search; nil when it finds none.
      def leaning(search, compiled, staged)
        found = search.call(**LEAN[compiled.ops.size], below: staged&.total || Float::INFINITY)
        found unless found == :too_many
      end

      # Stage by stage, once what runs is over, each from the state that the one before leaves behind, its waits
      # over; nil when one of them cannot be done.
      def in_stages(goals, left)
        Stages.new(@space, @visit.rules).of(goals).reduce(Found.new([], waits.map(&:seconds_left).max || 0)) { |found, stage| found && after(found, stage, goals, left) }
      end

      # What was found so far, with one stage more; nil when that cannot be done.
      def after(found, stage, goals, left)
        open = goals - found.moves.map { |move| move.op.id }
        search = Search.new(compile(state_after(found.moves), stage, open, left))
        moves, total = STAGE.lazy.map { |pass| search.call(**pass) }.find { |answer| answer != :too_many }
        return unless moves

        shifted = moves.map { |move| Search::Move.new(move.op, move.start + found.total) }
        Found.new(found.moves + shifted, found.total + total)
      end

      # For some goals from a state; helpers are those that matter for all that is still open.
      def compile(state, goals, open, left)
        Compiled.new(space: @space, rules: @visit.rules, state:, goals:, helpers: helpers(goals, open, left, state), running: waits.map { |wait| Operation[wait.operation] })
      end

      def state_after(moves)
        moves.each_with_object(waits_over) do |move, state|
          operation = move.op.operation
          [operation.makes, operation.wait&.makes || {}].each { |effects| @space.expand(effects).each { |name, values| state[name] = values.first } }
        end
      end

      def waits_over
        waits.each_with_object(@visit.state.dup) { |wait, state| @space.expand(Operation[wait.operation].wait.makes).each { |name, values| state[name] = values.first } }
      end

      def left_out(ids, question)
        ids.filter_map do |id|
          because = Operation[id].public_send(question, @visit)
          Plan::Left.new(operation: id, because:) if because
        end
      end

      # Operations that may be used though nobody asked for them: those that make something true that matters,
      # on this heater, not refused, and not already asked for.
      def helpers(goals, open, left, state = @visit.state)
        barred = left.map(&:operation)
        Relevance.new(@space, @visit.rules, state).among(usable.reject { |operation| open.include?(operation.id) || barred.include?(operation.id) }, goals)
      end

      # Operations that this visit leaves to be used unasked; they stay the same while it is planned.
      def usable
        @usable ||= Operation.all.reject do |operation|
          operation.pure? || operation.last? || !operation.helper? || !operation.applies?(@visit.heater) || operation.forbidden_because(@visit) ||
            (operation.reads.any? { |read| !read.optional } && @visit.settled_operations.include?(operation.id) && !operation.repeatable?)
        end
      end

      def waits = @visit.running_waits

      # Takes out the first goal with a need that no operation can make true.
      def without_hopeless(goals, impossible)
        reachable = reachable_values(goals, impossible)
        hopeless = goals.find do |id|
          @space.expand(Operation[id].needs_under(@visit.rules)).any? { |name, values| !values.intersect?(reachable.fetch(name)) }
        end || goals.reject { |id| Operation[id].last? }.last || goals.last
        because = "It needs what cannot be made true now: #{blocking(hopeless, reachable)}."
        [goals - [hopeless], impossible + [Plan::Left.new(operation: hopeless, because:)]]
      end

      def blocking(id, reachable)
        unmet = @space.expand(Operation[id].needs_under(@visit.rules)).reject { |name, values| values.intersect?(reachable.fetch(name)) }
        return "its needs stand in each other's way" if unmet.empty?

        unmet.map { |name, values| StateWords.need(name, values) }.join(", ")
      end

      def reachable_values(goals, impossible)
        found = @visit.state.transform_values { |value| [value] }
        usable = (goals + helpers(goals, goals, impossible)).map { |id| Operation[id] }
        loop do
          before = found.sum { |_, values| values.size }
          usable.each do |operation|
            next unless @space.expand(operation.needs_under(@visit.rules)).all? { |name, values| values.intersect?(found.fetch(name)) }

            @space.expand(operation.makes.merge(operation.wait&.makes || {})).each { |name, values| found[name] |= values }
          end
          return found if found.sum { |_, values| values.size } == before
        end
      end

      def steps(moves, goals)
        reasons = Reasons.new(@space, @visit, moves.map { |move| move.op.operation }, goals)
        moves.each_with_index.map do |move, index|
          op = move.op
          wait = op.operation.wait
          Plan::Step.new(operation: op.operation, start: move.start, hands_on: op.operation.hands_on, why: reasons.for(index),
                         wait: wait && Plan::Wait.new(seconds: wait.seconds.call(@visit.heater), manner: wait.manner,
                                                      label: wait.label, start: move.start + op.operation.hands_on))
        end
      end
    end
  end
end
