# frozen_string_literal: true

module Munimen
  module Faults
    # From evidence to a cause: what is ruled out and by what, what is still possible and why,
    # which test to take next, and whether the cause is settled. Evidence eliminates; how common a
    # cause is only ranks what is left. What was found of the heater itself (no vessel, an
    # electronic control) decides which causes there are and never speaks against one; where no
    # single cause explains all, two may stand together.
    #
    #   finder = Finder.new(heater, :relief_drips, { drip_temperature: :cold })
    #   finder.next_tests.first.test.id # => :hot_peak
    class Finder
      Suspect = Struct.new(:cause, :share, :ruled_out_by, :supported_by, keyword_init: true) do
        def possible? = ruled_out_by.empty?
      end
      Pair = Struct.new(:causes, :share, keyword_init: true)
      # A test worth taking: bits of uncertainty that it is expected to take away, and what it
      # costs to get there.
      Proposal = Struct.new(:test, :gain, :minutes, :unmet, keyword_init: true) do
        def worth = gain / minutes
      end

      # Minutes that a test counts as longer for going in deeper, and for each need that is not met.
      DEPTH = { look: 0, reading: 2, opened: 8, drained: 20 }.freeze
      GETTING_THERE = 6

      attr_reader :heater, :symptom

      # evidence: {test => outcome}. state: of the heater, {variable => value}; as on arrival
      # unless given. skip: tests that cannot be taken now, whatever the reason.
      def initialize(heater, symptom, evidence = {}, state: nil, skip: [])
        @recorded = heater
        @symptom = Symptom[symptom]
        @evidence =
          evidence.to_h { |id, outcome| Test[id].then { |test| [test, test.outcome(outcome)] } }
        @heater = @evidence.reduce(heater) { |one, (test, outcome)| test.shaped(one, outcome) }
        @space = Work::StateSpace.new(heater)
        @state = state || @space.arrival
        @skip = skip
      end

      # [Suspect], the likeliest first; those ruled out after them.
      def suspects
        @suspects ||= begin
          all = causes.map { |cause| suspect(cause) }
          all.sort_by.with_index { |one, index| [-one.share, one.ruled_out_by.size, index] }
        end
      end

      def left = suspects.select(&:possible?)

      # Whether two causes are needed to explain what was found.
      def pairs? = !hypotheses.empty? && hypotheses.first.causes.size > 1

      # [Pair], the likeliest first: two causes that explain together what none does alone.
      def pairs
        return [] unless pairs?

        all = chances.map { |one, share| Pair.new(causes: one.causes, share:) }
        all.sort_by { |one| -one.share }
      end

      # The cause, once nothing else is left, what must be measured before it is condemned has been,
      # and no test is open that would tell it from what else it could be if one answer that was
      # only looked at or told were wrong; of two, the one in every pair that is left.
      def settled = (concluded if confirming.empty?)

      # The job that all that is left comes to, where no test can tell them apart; nil otherwise.
      def repair
        return if settled || left.size < 2 || next_tests.any? { |one| !one.test.weak? }

        jobs = left.map { |one| one.cause.job }.uniq
        jobs.first if jobs.size == 1
      end

      # Answers, only looked at or told, each of which alone leads to the settled cause and that
      # nothing else can confirm: to be asked once more before a part is bought. [[test, outcome]]
      def hangs_on
        cause = settled or return []
        soft.select { |test, _| rivals(test, cause).any? }.to_a
      end

      # Evidence that neither one cause nor two explain: the outcomes that rule out most of what all
      # the others leave. [[test, outcome]] to be measured again; empty while something is left.
      def contradiction
        return [] if hypotheses.any? || @evidence.empty?

        best = telling.keys.map do |test|
          [test, suspects.count { |one| (one.ruled_out_by.map(&:first) - [test]).empty? }]
        end
        most = best.map(&:last).max
        chosen =
          most.positive? ? best.select { |_, count| count == most }.map(&:first) : @evidence.keys
        chosen.map { |test| [test, @evidence.fetch(test)] }
      end

      # [Proposal], the best first: what has to be asked first, then by bits taken away for each
      # minute. What is not possible in the present state comes with what is missing; nothing is
      # proposed once the cause is settled.
      def next_tests
        return [] if settled || hypotheses.empty?
        return confirmations if concluded

        first = at_first
        asked
          .map { |test| proposal(test) }
          .select { |one| one.gain > 1e-9 || proving?(one.test) }
          .sort_by { |one| [first.index(one.test.id) || first.size, -one.worth, one.test.minutes] }
      end

      # Evidence that a visit holds already, for every test that matters to a symptom.
      def self.from_visit(visit, symptom)
        Symptom[symptom]
          .tests(visit.heater)
          .filter_map { |id| (outcome = Test[id].in_visit(visit)) && [id, outcome] }
          .to_h
      end

      # Evidence of earlier visits, the latest first: {test => outcome}.
      def self.from_history(visits, symptom, on:)
        heater = visits.first&.heater or return {}
        Symptom[symptom]
          .tests(heater)
          .filter_map { |id| (outcome = Test[id].in_history(visits, on)) && [id, outcome] }
          .to_h
      end

      private

      def concluded
        return @concluded if defined?(@concluded)

        common = hypotheses.map(&:causes).reduce(:&) || []
        taken = @evidence.keys.map(&:id)
        @concluded = common.select { |cause| (proofs(cause) - taken).empty? }.max_by(&:weight)
      end

      # Tests that tell what is concluded from what else it would be if one answer were wrong.
      def confirming
        @confirming ||= if concluded.nil? || pairs? then []
                        else
                          soft.keys.flat_map { |test| confirming_without(test) }.uniq
                        end
      end

      def confirming_without(test)
        rivals(test, concluded).filter_map { |rival| telling_apart(concluded, rival) }
      end

      def confirmations = confirming.map { |test| proposal(test) }.sort_by(&:minutes)

      # Evidence that was only looked at or told.
      def soft
        telling.select { |test, _| test.depth == :look && !test.shapes? && !test.weak? }
      end

      # What else it could be, were it not for one answer.
      def rivals(test, cause)
        rest = @evidence.except(test).transform_keys(&:id)
        other = Finder.new(@recorded, @symptom.id, rest, state: @state, skip: @skip)
        other.pairs? ? [] : other.left.map(&:cause) - [cause]
      end

      # The quickest test, not taken yet, that only one of two causes can answer as it does.
      def telling_apart(cause, rival)
        ids = cause.shows.keys | rival.shows.keys | rival.settled_by
        tests = ids.map { |id| Test[id] }.reject do |test|
          @evidence.key?(test) || @skip.include?(test.id) || !test.on?(@heater) ||
            cause.possible(test, @heater).intersect?(rival.possible(test, @heater))
        end
        tests.min_by { |test| proposal(test).minutes }
      end

      # What has to be measured on this heater before a cause is condemned.
      def proofs(cause) = cause.settled_by.select { |id| Test[id].on?(@heater) }

      # Every cause that the heater of the record or that of the evidence can have.
      def causes
        @causes ||= @symptom.causes(@recorded) | @symptom.causes(@heater)
      end

      # What may explain the evidence: single causes; where none does, two together; where none of
      # those do, [].
      def hypotheses
        @hypotheses ||= begin
          fitting = ->(all) { all.select { |one| one.explains?(telling, @heater) } }
          alone = fitting.call(causes.map { |cause| Hypothesis.new([cause]) })
          alone.any? ? alone : fitting.call(Hypothesis.pairs(causes))
        end
      end

      # The evidence that says something of this symptom: not what none of its causes would show,
      # be it as it may.
      def telling
        @telling ||= @evidence.select do |test, outcome|
          outcome == test.normal || test.shapes? || test.weak? ||
            causes.any? { |cause| cause.touches?(test, @heater) && shows?(cause, test, outcome) }
        end
      end

      def shows?(cause, test, outcome) = cause.possible(test, @heater).include?(outcome)

      # {hypothesis => share of likelihood}
      def chances
        @chances ||= begin
          weights = hypotheses.to_h { |one| [one, one.weight(telling, @heater)] }
          total = weights.values.sum
          weights.transform_values { |weight| weight / total }
        end
      end

      def suspect(cause)
        share = chances.sum { |one, chance| one.causes.include?(cause) ? chance : 0.0 }
        Suspect.new(
          cause:,
          share:,
          ruled_out_by: share.positive? ? [] : against(cause),
          supported_by:
            @evidence.select { |test, outcome| cause.shows[test.id]&.include?(outcome) }.to_a
        )
      end

      def against(cause)
        telling.select do |test, outcome|
          !test.weak? && cause.excluded_by?(test, outcome, @heater)
        end.to_a
      end

      # Tests that can be asked for now: those that matter to what is left.
      def asked
        relevant = left.flat_map { |one| one.cause.shows.keys + one.cause.settled_by }
        others = @symptom.tests(@heater).select { |id| Test[id].shapes? || by_hand?(Test[id]) }
        (relevant + others).uniq.map { |id| Test[id] }.reject do |test|
          @evidence.key?(test) || @skip.include?(test.id) || !test.on?(@heater)
        end
      end

      # Whether a hand is all there is to say something of what cannot be measured now.
      def by_hand?(test) = test.weak? && @skip.include?(test.stands_for)

      # Ids of what has to be asked first, as far as it can still condemn something.
      def at_first
        @symptom.asks_first(@evidence.transform_keys(&:id)).select do |id|
          left.any? { |one| one.cause.settled_by.include?(id) }
        end
      end

      # A test that has to be taken before the only cause left is condemned.
      def proving?(test)
        common = hypotheses.map(&:causes).reduce(:&) || []
        common.any? { |cause| cause.settled_by.include?(test.id) }
      end

      def proposal(test)
        unmet = @space.unmet(test.needs, @state)
        minutes = test.minutes + DEPTH.fetch(test.depth) + (GETTING_THERE * unmet.size)
        Proposal.new(test:, gain: proving?(test) ? 1.0 : gain(test), minutes: minutes.to_f, unmet:)
      end

      # Expected bits: what is uncertain now less what is uncertain after each outcome.
      def gain(test)
        after = test.outcomes.keys.sum do |outcome|
          still = chances.map { |one, share| share * one.chance(test, outcome, @heater) }
                         .select(&:positive?)
          mass = still.sum
          mass.zero? ? 0.0 : mass * entropy(still.map { |share| share / mass })
        end
        entropy(chances.values) - after
      end

      def entropy(shares) = shares.sum { |share| share.positive? ? -share * Math.log2(share) : 0.0 }
    end
  end
end
