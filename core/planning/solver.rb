# frozen_string_literal: true

module Munimen
  module Planning
    # Looks for the order of what an agenda asks for: stage by stage, then by the exact search.
    # What it is given besides the agenda's visit stands in PlanKey: nothing else may matter.
    #
    #   Solver.new(agenda, jobs: 2).solution # => Solution
    class Solver
      include Saying

      # Moves, their total seconds, and how many seconds any order takes at least.
      Found = Struct.new(:moves, :total, :at_least)
      # Goals to be done, what is left out of the plan, and whether the usual order is kept.
      Aim = Struct.new(:goals, :left, :ordered)

      # How many states each search may look at: one that leans on the estimate, the exact one
      # (fewer where there is more to choose from, since each then takes longer, and where several
      # jobs leave little hope of a proof), and those of the stages.
      LEAN = ->(operations) { { weight: 4, limit: 2_500 / operations } }
      EXACT = lambda do |operations, goals, jobs|
        return { weight: 1, limit: 30_000 / (operations**2) } if goals > 20

        { weight: 1, limit: (jobs > 2 ? 9_000 : 50_000) / operations }
      end
      STAGE = [{ weight: 1, limit: 150 }, { weight: 4, limit: 600 }].freeze
      WIDE = [{ weight: 10, limit: 10_000 }].freeze

      # agenda: an Agenda; jobs: how many it has.
      def initialize(agenda, jobs:)
        @agenda = agenda
        @jobs = jobs
        @visit = agenda.visit
        @terms = @visit.terms
        @space = @terms.space
      end

      # Searches; a goal that nothing can make possible is taken out, with the need that stands in
      # its way.
      def solution
        goals = @agenda.goals
        impossible = @agenda.impossible
        until goals.empty?
          found = in_any_order(goals, impossible + @agenda.superfluous)
          break unless found.nil?

          goals, impossible = without_hopeless(goals, impossible)
        end
        found = Found.new([], 0, 0) if goals.empty?
        hopeless = impossible - @agenda.impossible
        moves = tidy(found.moves, goals).map { |move| [move.op.id, move.start] }
        Solution.new(goals:, hopeless:, moves:, total: found.total, at_least: found.at_least)
      end

      private

      # Without idle steps, as long as the rest can still be carried out by the clock.
      def tidy(moves, goals)
        tidied = RedundantStepRemover.new(@terms, waits_over, goals).of(moves)
        return tidied if tidied.size == moves.size

        Replay.new(@visit).of(tidied.map { |move| move.op.operation }) ? tidied : moves
      end

      # In the usual order; where that makes the goals impossible, in any that can be carried out.
      def in_any_order(goals, left)
        [true, false].lazy.filter_map { |ordered| shortest(Aim.new(goals, left, ordered)) }.first
      end

      # The shortest order that was found for all goals, or nil when there is none: at first a
      # good one stage by stage, then the exact search shows a shorter one, or that there is none,
      # or what any order takes at least; only then one that leans on the estimate is looked for.
      def shortest(aim)
        problem = compile(@visit.state, aim.goals, aim.goals, aim)
        search = Search.new(problem, running: running(problem))
        staged = in_stages(aim)
        below = staged&.total || Float::INFINITY
        exact = search.call(**EXACT[problem.ops.size, aim.goals.size, @jobs], below:)
        found = exact == :too_many ? leaning(search, problem, below) : exact
        good = found ? Found.new(*found) : staged
        good&.tap { |one| one.at_least = search.at_least }
      end

      def running(problem)
        waits.map { |wait| problem.under_way(Work::Operation[wait.operation], wait.seconds_left) }
      end

      # A shorter order than the staged one, or any, by the quick search; nil when it finds none.
      def leaning(search, problem, below)
        found = search.call(**LEAN[problem.ops.size], below:)
        found unless found == :too_many
      end

      # Stage by stage, once what runs is over, each from the state that the one before leaves
      # behind, its waits over; one that cannot be done yet is done with the next; nil when that
      # does not help.
      def in_stages(aim)
        before = precedence(aim.goals, aim).to_h
        stages = Stages.new(@terms, owed: @visit.columns.owed.keys, before:).of(aim.goals)
        found = Found.new([], waits.map(&:seconds_left).max || 0)
        late = []
        stages.each do |stage|
          more = after(found, late + stage, aim, before)
          late = more ? [] : late + stage
          found = more || found
        end
        late.empty? ? found : nil
      end

      # What was found so far, with one stage more, as a whole or, where that is too much to look
      # through, goal by goal; nil when that cannot be done. before: {goal => goals before it}.
      def after(found, stage, aim, before)
        more = onwards(found, stage, aim, STAGE)
        return more unless more == :too_many

        one_by_one(found, stage, aim, before) || known(onwards(found, stage, aim, WIDE))
      end

      # Each time the first of the goals that can be reached from where the others lead; nil when
      # some cannot.
      def one_by_one(found, stage, aim, before)
        until stage.empty?
          ready = stage.lazy.reject { |id| before.fetch(id).intersect?(stage) }
          steps = ready.map { |id| [id, known(onwards(found, [id], aim, STAGE))] }
          goal, more = steps.find(&:last)
          return unless goal

          found = more
          stage -= [goal]
        end
        found
      end

      def known(more) = more == :too_many ? nil : more

      # What was found so far, with some goals more, by the first pass that finds them; nil when
      # there is no way, :too_many when none was found.
      def onwards(found, some, aim, passes)
        open = aim.goals - found.moves.map { |move| move.op.id }
        search = Search.new(compile(state_after(found.moves), some, open, aim))
        answers = passes.lazy.map { |pass| search.call(**pass) }
        moves, total = answers.find { |answer| answer != :too_many } || (return :too_many)
        return unless moves

        shifted = moves.map { |move| Search::Move.new(move.op, move.start + found.total) }
        Found.new(found.moves + shifted, found.total + total)
      end

      # For some goals from a state; helpers are those that matter for all that is still open.
      def compile(state, goals, open, aim)
        PlanningProblem.new(
          terms: @terms,
          state:,
          goals:,
          helpers: helpers(goals, open, aim.left, state),
          precedence: precedence(goals, aim),
          running: waits.map { |wait| Work::Operation[wait.operation] }
        )
      end

      def precedence(goals, aim)
        Precedence.new(terms: @terms, goals:, owed:, ordered: aim.ordered)
      end

      # Proofs that work done, or asked for, owes.
      def owed
        @owed ||= @visit.columns.owed.keys |
                  @agenda.goals.flat_map { |id| Work::Operation[id].owed(@terms.rules) }
      end

      def state_after(moves)
        moves.each_with_object(waits_over) do |move, state|
          operation = move.op.operation
          change(state, @terms.makes(operation))
          change(state, operation.wait.makes) if operation.wait
        end
      end

      def waits_over
        waits.each_with_object(@visit.state.dup) do |wait, state|
          change(state, Work::Operation[wait.operation].wait.makes)
        end
      end

      def change(state, effects)
        @space.expand(effects).each { |name, values| state[name] = values.first }
      end

      # Operations that may be used though nobody asked for them: those that make something true
      # that matters, on this heater, not refused, and not already asked for.
      def helpers(goals, open, left, state = @visit.state)
        barred = open + left.map(&:operation)
        leaves = goals.any? { |id| Work::Operation[id].way_to_leave }
        unasked = @agenda.usable.reject do |operation|
          barred.include?(operation.id) || (operation.packs_up? && !leaves)
        end
        Relevance.new(@terms, state).among(unasked, goals)
      end

      def waits = @visit.running_waits

      # Coming back in, where everybody is out and has been cleared.
      def back
        return unless @visit.state[:left] == :evacuated

        Work::Operation.all.find do |one|
          one.comes_back? && one.applies?(@visit.heater) && @terms.unmet(one, @visit.state).empty?
        end
      end

      # The state from which all but making safe, or coming back in, begins.
      def made_safe
        return @visit.state.merge(@terms.makes(back).transform_values(&:first)) if back
        return @visit.state if @terms.standing.none? { |hazard| !hazard.evacuates? }

        safe = Work::Operation[:make_safe]
        @visit.state.merge(
          @terms.needs(safe).transform_values(&:first).reject { |name, _| hazard?(name) },
          @terms.makes(safe).transform_values(&:first)
        )
      end

      def hazard?(name) = name.start_with?("hazard.")

      # A danger that cannot be cleared after all: it is left made safe.
      def in_service?(goal)
        Work::Operation[goal].way_to_leave == :in_service && @terms.hazards.any?
      end

      # Takes out the first goal with a need that no operation can make true.
      def without_hopeless(goals, impossible)
        usable = (goals + helpers(goals, goals, impossible)).map { |id| Work::Operation[id] }
        reachability = Reachability.new(@terms, made_safe, usable)
        hopeless = reachability.hopeless(goals - [back&.id]) || goals.last
        rest = @agenda.without(goals, hopeless)
        return [rest + @agenda.instead, impossible] if in_service?(hopeless)

        because = msg("It needs what cannot be made true now: {blocking}.",
                      blocking: reachability.blocking(hopeless))
        danger = @terms.hazards.first
        if danger
          because = msg("Not while a danger stands: {danger}. {because}",
                        danger: danger.title, because:)
        end
        left = Plan::Left.new(operation: hopeless, because:, by: danger && :danger)
        [rest, impossible + [left]]
      end
    end
  end
end
