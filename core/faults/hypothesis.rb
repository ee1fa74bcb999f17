# frozen_string_literal: true

module Munimen
  module Faults
    # What may explain all that was found: one cause, or two independent ones that stand together.
    # Two show in a test whatever either of them would show there; a test that touches neither
    # shows what a sound heater shows.
    #
    #   Hypothesis.new([Cause[:thermocouple_weak], Cause[:eco_open]]).possible(test, heater)
    class Hypothesis
      # How likely a hand says what it should not, against what it should; our own choice.
      WRONG = 0.25

      attr_reader :causes

      def initialize(causes)
        @causes = causes
      end

      # Every two of some causes that one heater can have at once: not two of the same part.
      def self.pairs(causes)
        causes.combination(2).reject { |one, other| one.part && one.part == other.part }
          .map { |pair| new(pair) }
      end

      # Outcomes that a test can show: [outcome].
      def possible(test, heater)
        touched = causes.select { |cause| cause.touches?(test, heater) }
        touched = causes if touched.empty? || test.shapes?
        shown = touched.map { |cause| cause.possible(test, heater) }
        test.shapes? ? shown.reduce(:&) : shown.flatten.uniq
      end

      # Whether it explains an outcome of every test: evidence is {test => outcome}. What is only
      # felt by hand needs no explaining.
      def explains?(evidence, heater)
        evidence.all? { |test, outcome| test.weak? || possible(test, heater).include?(outcome) }
      end

      # How likely a test would show an outcome: as likely as any other that it can show; by hand
      # also, though less, what it should not.
      def chance(test, outcome, heater)
        return by_hand(test, outcome, heater) if test.weak?

        shown = possible(test, heater)
        shown.include?(outcome) ? 1.0 / shown.size : 0.0
      end

      # How likely it is on some evidence, against others of as many causes: how common each cause
      # is, and the chance that they would have shown this.
      def weight(evidence, heater)
        causes.map(&:weight).reduce(:*) *
          evidence.reduce(1.0) do |all, (test, outcome)|
            all * chance(test, outcome, heater)
          end
      end

      private

      def by_hand(test, outcome, heater)
        right = test.weakly(possible(Test[test.stands_for], heater))
        shares = test.outcomes.keys.to_h { |one| [one, right.include?(one) ? 1.0 : WRONG] }
        shares[outcome] / shares.values.sum
      end
    end
  end
end
