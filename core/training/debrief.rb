# frozen_string_literal: true

module Munimen
  module Training
    # What there is to learn from an exercise: each test and what it could have told, the shortest
    # way with the same answers, and what the unsafe tries would have led to.
    class Debrief
      # One test: minutes, outcome, suspects before and after it, and how many each outcome would
      # have left.
      Taken = Struct.new(:test, :outcome, :minutes, :before, :after, :could, keyword_init: true)
      Try = Struct.new(:operation, :needs, :text, keyword_init: true)

      def initialize(exercise)
        @exercise = exercise
        @scenario = exercise.scenario
      end

      # The trainee's own tests, in order.
      def taken
        evidence = {}
        of(:test).map do |act|
          before = finder(evidence).left
          test = Faults::Test[act.what]
          evidence[act.what] = act.more if act.more
          Taken.new(
            test:,
            outcome: act.more,
            minutes: test.minutes,
            before: before.size,
            after: finder(evidence).left.size,
            could:
              test.outcomes.keys.to_h do |outcome|
                [outcome, before.count do |one|
                  !one.cause.excluded_by?(test, outcome, @exercise.heater)
                end]
              end
          )
        end
      end

      # The quickest tests that settle it, as this heater answers them: those that the cause must
      # be condemned by, and of the others the least minutes that rule out all other causes.
      # Exact, by branch and bound.
      def shortest
        @shortest ||= begin
          must = @scenario.cause.settled_by & answers.keys
          others = rivals.reject { |cause| must.any? { |id| out?(cause, id) } }
          must.map { |id| [id, answers[id]] } +
            cover(others.map(&:id), answers.keys - must).map { |id| [id, answers[id]] }
        end
      end

      def shortest_minutes = shortest.sum { |id, _| Faults::Test[id].minutes }

      # What was tried and refused, with what would have happened.
      def unsafe
        of(:refused).map do |act|
          operation = Work::Operation[act.what]
          Try.new(
            operation:,
            needs: act.more,
            text: Consequence.of(operation, act.more, before(act))
          )
        end
      end

      # Whether the cause was named in the end.
      def found? = of(:named).any? { |act| act.more == true }

      # Whether it was proved first: nothing sound was named, and what had been tested by then left
      # no other cause.
      def proved?
        named = of(:named)
        return false unless named.last&.more == true && named.all?(&:more)

        tests = @exercise.acts.take_while { |act| !act.equal?(named.last) }
                         .select { |act| act.kind == :test && act.more }
        finder(tests.to_h { |act| [act.what, act.more] }).left.map { |one| one.cause.id } ==
          [@scenario.cause.id]
      end

      private

      def of(kind) = @exercise.acts.select { |act| act.kind == kind }
      def finder(evidence) = Faults::Finder.new(@exercise.heater, @scenario.symptom, evidence)

      # The exercise as it was before an act.
      def before(act)
        Exercise.new(@scenario, @exercise.acts.take_while { |one| !one.equal?(act) })
      end

      def rivals
        Faults::Symptom[@scenario.symptom]
          .causes(@exercise.heater)
          .reject { |cause| cause.id == @scenario.cause.id }
      end

      def out?(cause, id) = cause.excluded_by?(Faults::Test[id], answers[id], @exercise.heater)

      # What every test that matters shows on this heater: {test => outcome}.
      def answers
        @answers ||= begin
          bench = Rig::Probe::Bench.new(@exercise.heater, @scenario.faults, seed: @scenario.seed)
          Faults::Symptom[@scenario.symptom]
            .tests(@exercise.heater)
            .filter_map { |id| (outcome = Rig::Probe.take(id, bench)) && [id, outcome] }
            .to_h
        end
      end

      # The tests of least minutes that rule out all of some causes, as far as any test does.
      def cover(causes, tests)
        rules_out =
          tests
            .to_h { |id| [id, causes.select { |cause| out?(Faults::Cause[cause], id) }] }
            .reject { |_, list| list.empty? }
        open = causes & rules_out.values.flatten
        @best = [Float::INFINITY, []]
        search(open, [], 0, rules_out)
        @best.last
      end

      def search(open, chosen, minutes, rules_out)
        return if minutes >= @best.first
        return @best = [minutes, chosen] if open.empty?

        hardest = open.min_by { |cause| rules_out.count { |_, list| list.include?(cause) } }
        rules_out
          .select { |_, list| list.include?(hardest) }
          .sort_by { |id, list| Faults::Test[id].minutes.to_f / (list & open).size }
          .each do |id, list|
            search(open - list, chosen + [id], minutes + Faults::Test[id].minutes, rules_out)
          end
      end
    end
  end
end
