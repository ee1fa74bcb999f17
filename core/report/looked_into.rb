# frozen_string_literal: true

module Munimen
  module Report
    # What the fault finder was asked on a visit, in plain words: what it was about, what each test
    # showed, and what that leaves.
    class LookedInto
      include Saying

      LEFT = "That leaves one cause: {cause}."
      OPEN = "What it comes from is not settled yet."

      def initialize(visit)
        @visit = visit
        @words = visit.words
      end

      # [{symptom:, showed: [text], leaves: text}], a symptom each; nil where nobody asked.
      def to_a
        found = @visit.decisions.faults.filter_map { |symptom| one(symptom) }
        found unless found.empty?
      end

      private

      def one(symptom)
        answers = understood(symptom)
        return if answers.empty? || !Faults::Symptom[symptom].of?(@visit.heater)

        known = Faults::Finder.from_visit(@visit.columns.left, symptom)
        finder = Faults::Finder.new(@visit.heater, symptom, known.merge(answers))
        { symptom: @words.say(Faults::Complaint.new(symptom).title), leaves: leaves(finder),
          showed: answers.map { |id, outcome| showed(Faults::Test[id], outcome) } }
      end

      # Answers to tests that there are: a visit of an earlier version may have others.
      def understood(symptom)
        return {} unless Faults::Symptom.all.map(&:id).include?(symptom)

        tests = Faults::Test.all.to_h { |test| [test.id, test] }
        @visit.decisions.fault_answers(symptom).select do |id, outcome|
          tests[id]&.outcomes&.key?(outcome)
        end
      end

      def showed(test, outcome)
        @words.say(msg("{ask}: {answer}", ask: test.ask, answer: test.outcomes.fetch(outcome)))
      end

      def leaves(finder)
        cause = finder.settled
        @words.say(cause ? msg(LEFT, cause: cause.title) : OPEN)
      end
    end
  end
end
