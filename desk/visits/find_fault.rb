# frozen_string_literal: true

module Munimen
  module Desk
    # The fault finder as a screen or the command line shows it: suspects with why, the next test,
    # the way there, and what follows once a cause is settled. Works on any heater; in a visit its
    # readings count by themselves.
    class FindFault
      MOST = 4 # proposals shown
      PAIRS = 3 # pairs of causes shown

      # Symptoms that a heater can have, in both manners of speaking.
      def self.symptoms(heater, words)
        Faults::Symptom
          .all
          .select { |symptom| symptom.of?(heater) && symptom.causes(heater).any? }
          .map do |symptom|
            {
              id: symptom.id,
              customer: words.say(Message.of(symptom.customer)),
              plumber: words.say(symptom.plumber),
              first: words.say(symptom.first)
            }
          end
      end

      # evidence: {test => outcome} as answered; visit: whose readings count too, and whose state
      # decides what is possible now. before: earlier visits, the latest first. skip: tests that
      # cannot be taken.
      def initialize(heater, symptom, words:, evidence: {}, visit: nil, before: [], skip: [])
        @heater = heater
        @words = words
        @visit = visit
        @before = Faults::Finder.from_history(before, symptom, on: visit&.date)
        @known = @before.merge(visit ? Faults::Finder.from_visit(visit.columns.left, symptom) : {})
        @given = evidence.to_h.transform_keys(&:to_sym)
        @finder = Faults::Finder.new(
          heater,
          symptom,
          @known.merge(@given),
          state: visit&.state,
          skip: skip.map(&:to_sym)
        )
      end

      def to_h
        {
          symptom: brief(@finder.symptom),
          evidence:,
          suspects: @finder.suspects.map { |one| suspect(one) },
          pairs: @finder.pairs.first(PAIRS).map { |one| pair(one) },
          next: @finder.next_tests.first(MOST).map { |one| proposal(one) },
          settled: settled,
          repair: repair,
          hangs_on: answers(@finder.hangs_on),
          contradiction: answers(@finder.contradiction)
        }
      end

      private

      def say(text) = @words.say(text)

      def brief(symptom)
        {
          id: symptom.id,
          customer: say(Message.of(symptom.customer)),
          plumber: say(symptom.plumber),
          first: say(symptom.first)
        }
      end

      def evidence
        @known.merge(@given).map do |id, outcome|
          test = Faults::Test[id]
          {
            test: id,
            ask: say(test.ask),
            outcome:,
            text: say(test.outcomes.fetch(test.outcome(outcome))),
            from_visit: !@given.key?(id),
            earlier:
              !@given.key?(id) && @before[id] == outcome &&
                (@visit.nil? || Faults::Test[id].in_visit(@visit).nil?)
          }
        end
      end

      def suspect(one)
        {
          cause: one.cause.id,
          title: say(one.cause.title),
          share: one.share.round(4),
          possible: one.possible?,
          why:
            (
              if one.possible?
                still(one)
              else
                one.ruled_out_by.map { |test, outcome| out(one.cause, test, outcome) }
              end
            )
        }
      end

      # Two causes that explain together what none does alone.
      def pair(one)
        {
          causes: one.causes.map(&:id),
          title: say(one.causes.map(&:title).join(" + ")),
          share: one.share.round(4)
        }
      end

      # “Still possible because …”
      def still(one)
        return [say("Nothing found so far speaks against it.")] if one.supported_by.empty?

        one.supported_by.map do |test, outcome|
          say("#{test.ask} – #{test.outcomes.fetch(outcome)}.")
        end
      end

      # “Ruled out because …”
      def out(cause, test, outcome)
        possible = cause.possible(test, @finder.heater)
        return say("#{test.ask} – #{test.outcomes.fetch(outcome)}.") if possible.empty?

        shows = possible.map { |word| test.outcomes.fetch(word) }.join(" or ")
        say(Message.of("{ask} – {found}; it would be: {shows}.",
                       ask: test.ask, found: test.outcomes.fetch(outcome), shows:))
      end

      def proposal(one)
        test = one.test
        {
          test: test.id,
          ask: say(test.ask),
          how: say(test.how),
          instrument: say(test.instrument),
          minutes: test.minutes,
          depth: test.depth,
          gain: one.gain.round(3),
          cautions: Words::Cautions.lines(test.cautions, @heater).map { |line| say(line) },
          unmet: one.unmet.map { |name, values| say(Work::StateWords.need(name, values)) },
          way: way(one.unmet),
          outcomes:
            test.outcomes.map { |id, text| { id:, text: say(text), leaves: leaves(test, id) } }
        }
      end

      # In a visit the operations that make true what a test needs: {id:, title:}.
      def way(unmet)
        return [] unless @visit

        @there ||= NextStepFinder.new(@visit)
        unmet
          .filter_map { |name, values| @there.end_of(name, values) }
          .uniq
          .map { |id| { id:, title: say(Work::Operation[id].title) } }
      end

      # How many suspects an outcome would leave.
      def leaves(test, outcome)
        @finder.left.count { |one| !one.cause.excluded_by?(test, outcome, @finder.heater) }
      end

      def settled
        cause = @finder.settled or return
        job = cause.job && Work::Job[cause.job]
        job = nil unless job && Work::Job.fitting(@heater).include?(job)
        {
          cause: cause.id,
          title: say(cause.title),
          because: say(cause.because),
          after: say(cause.after),
          lapses: cause.shows.keys & @given.keys,
          job: job&.id,
          job_title: job && say(job.title),
          parts:
            (
              if job
                job
                  .operations_for(@heater)
                  .flat_map { |id| Work::Operation[id].materials }
                  .uniq
                  .map { |one| say(one) }
              else
                []
              end
            )
        }
      end

      # The one repair that all that is left comes to, where no test tells them apart.
      def repair
        job = @finder.repair&.then { |id| Work::Job[id] } or return
        { job: job.id, title: say(job.title) } if Work::Job.fitting(@heater).include?(job)
      end

      def answers(list)
        list.map do |test, outcome|
          { test: test.id, text: say("#{test.ask} – #{test.outcomes.fetch(outcome)}") }
        end
      end
    end
  end
end
