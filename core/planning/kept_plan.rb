# frozen_string_literal: true

module Munimen
  module Planning
    # A plan with what it was made from. Once its first steps have been done as planned, or nothing
    # has been done but time has passed or something was read that changes no state, what is left
    # of it is still the plan: it need only be set to the present time, not searched for again.
    #
    #   kept = KeptPlan.new(agenda, plan)
    #   kept.rest(Agenda.new(later, jobs)) # => the Plan that is left, or nil: plan anew
    class KeptPlan
      STEPS = 4 # that may have been done since

      attr_reader :plan

      # agenda: the Agenda that was planned; plan: the Plan that was found for it.
      def initialize(agenda, plan)
        @agenda = agenda
        @plan = plan
        @visit = agenda.visit
        @terms = @visit.terms
        @space = @terms.space
        @hopeless = plan.impossible - agenda.impossible
      end

      # What is left for a later agenda of the same visit, or nil where it does not follow from this
      # plan: another goal, rule or heater, another state than planned, something that does not fit
      # any more, or a longer way than was planned.
      def rest(agenda)
        return unless same_ground?(agenda)

        (0..[STEPS, @plan.steps.size].min).each do |count|
          done = @plan.steps.first(count).map(&:operation)
          next unless follows?(agenda, done)

          return written(agenda, done)
        end
        nil
      end

      # Whether nothing that the plan goes by has changed: no step was done, no wait ended.
      def stands?(agenda) = same_ground?(agenda) && follows?(agenda, [])

      private

      def same_ground?(agenda)
        visit = agenda.visit
        visit.heater == @visit.heater && visit.rules.to_h == @visit.rules.to_h &&
          agenda.left.map(&:operation) == @agenda.left.map(&:operation) &&
          agenda.usable == @agenda.usable
      end

      # Whether these steps, done as planned, lead to the present goals and state.
      def follows?(agenda, done)
        agenda.goals == @agenda.goals - done.map(&:id) && leads_to?(agenda.visit, done)
      end

      def leads_to?(visit, done)
        running = visit.running_waits.map(&:operation)
        before = @visit.running_waits.map(&:operation)
        return false unless (running - before - done.map(&:id)).empty?

        state = @visit.state.dup
        (before - running).each { |id| change(state, Work::Operation[id].wait.makes) }
        done.each do |operation|
          change(state, @terms.makes(operation))
          change(state, operation.wait.makes) if operation.wait && !running.include?(operation.id)
        end
        state == visit.state
      end

      def change(state, effects)
        @space.expand(effects).each { |name, values| state[name] = values.first }
      end

      def written(agenda, done)
        operations = @plan.steps.drop(done.size).map(&:operation)
        moves, total = Replay.new(agenda.visit).of(operations)
        return unless moves && total <= @plan.total

        PlanWriter.new(agenda.visit).plan(
          moves,
          goals: @agenda.goals - @hopeless.map(&:operation),
          impossible: agenda.impossible + @hopeless,
          superfluous: agenda.superfluous,
          total:,
          at_least: at_least(agenda.visit, done, total)
        )
      end

      # Any order of what is left, after these steps and the waiting done so far, is one for the
      # whole: it takes at least what the whole takes at least, less what has been spent.
      def at_least(visit, done, total)
        spent = done.sum { |operation| seconds_of(operation) } + waited(visit, done)
        (@plan.at_least - spent).clamp(0, total)
      end

      # Hands-on seconds, with those of a wait that is attended.
      def seconds_of(operation)
        wait = operation.wait
        attended = wait && wait.manner == :attended ? wait.seconds.call(@visit.heater) : 0
        operation.hands_on + attended
      end

      # Seconds of waits that have gone by since the plan was made.
      def waited(visit, done)
        left = visit.running_waits.to_h { |wait| [wait.operation, wait.seconds_left] }
        old = @visit.running_waits.sum do |wait|
          [wait.seconds_left - left.fetch(wait.operation, 0), 0].max
        end
        begun = done.select { |one| one.wait && one.wait.manner != :attended }
        old + begun.sum do |one|
          [one.wait.seconds.call(@visit.heater) - left.fetch(one.id, 0), 0].max
        end
      end
    end
  end
end
