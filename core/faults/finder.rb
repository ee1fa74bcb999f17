# frozen_string_literal: true

module Munimen
  module Faults
    # From evidence to a cause: what is ruled out and by what, what is still possible and why,
    # which test to take next, and whether the cause is settled. Evidence eliminates; how common a
    # cause is only ranks what is left.
    #
    #   finder = Finder.new(heater, :relief_drips, { drip_temperature: :cold })
    #   finder.next_tests.first.test.id # => :hot_peak
    class Finder
      Suspect = Struct.new(:cause, :share, :ruled_out_by, :supported_by, keyword_init: true) do
        def possible? = ruled_out_by.empty?
      end
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
      # unless given. done: tests that cannot be taken now, whatever the reason.
      def initialize(heater, symptom, evidence = {}, state: nil, skip: [])
        @heater = heater
        @symptom = Symptom[symptom]
        @space = Work::StateSpace.new(heater)
        @state = state || @space.arrival
        @skip = skip
        @evidence =
          evidence.to_h { |id, outcome| Test[id].then { |test| [test, test.outcome(outcome)] } }
      end

      # [Suspect], the likeliest first; those ruled out after them.
      def suspects
        @suspects ||= begin
          all = @symptom.causes(heater).map { |cause| suspect(cause) }
          total = all.select(&:possible?).sum { |one| weight(one.cause) }
          all.each { |one| one.share = one.possible? ? weight(one.cause) / total : 0.0 }
          all.sort_by.with_index { |one, index| [-one.share, one.ruled_out_by.size, index] }
        end
      end

      def left = suspects.select(&:possible?)

      # The cause, once nothing else is left and what must be measured before it is condemned has
      # been.
      def settled
        return unless left.size == 1

        cause = left.first.cause
        cause if (cause.settled_by - @evidence.keys.map(&:id)).empty?
      end

      # Evidence that no single cause explains: the outcomes that rule out most of what all the
      # others leave. [[test, outcome]] to be measured again; empty while something is left.
      def contradiction
        return [] if left.any? || @evidence.empty?

        best = @evidence.keys.map do |test|
          [test, suspects.count { |one| (one.ruled_out_by.map(&:first) - [test]).empty? }]
        end
        most = best.map(&:last).max
        chosen =
          most.positive? ? best.select { |_, count| count == most }.map(&:first) : @evidence.keys
        chosen.map { |test| [test, @evidence.fetch(test)] }
      end

      # [Proposal], the best first: by bits taken away for each minute. What is not possible in
      # the present state comes with what is missing; nothing is proposed once the cause is
      # settled.
      def next_tests
        return [] if settled || left.empty?

        asked =
          left
            .flat_map { |one| one.cause.shows.keys + one.cause.settled_by }
            .uniq
            .map { |id| Test[id] } - @evidence.keys
        asked
          .reject { |test| @skip.include?(test.id) }
          .map { |test| proposal(test) }
          .select { |one| one.gain > 1e-9 || proving?(one.test) }
          .sort_by { |one| [-one.worth, one.test.minutes] }
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

      def suspect(cause)
        Suspect.new(
          cause:,
          share: 0.0,
          ruled_out_by: @evidence.select { |test, outcome| cause.excluded_by?(test, outcome) }.to_a,
          supported_by:
            @evidence.select { |test, outcome| cause.shows[test.id]&.include?(outcome) }.to_a
        )
      end

      # How likely a cause is on what is known: how common it is, and the chance that it would
      # have shown this.
      def weight(cause)
        cause.weight *
          @evidence.keys.reduce(1.0) { |chance, test| chance / cause.possible(test).size }
      end

      # A test that has to be taken before the only cause left is condemned.
      def proving?(test) = left.size == 1 && left.first.cause.settled_by.include?(test.id)

      def proposal(test)
        unmet = @space.unmet(test.needs, @state)
        minutes = test.minutes + DEPTH.fetch(test.depth) + (GETTING_THERE * unmet.size)
        Proposal.new(test:, gain: proving?(test) ? 1.0 : gain(test), minutes: minutes.to_f, unmet:)
      end

      # Expected bits: what is uncertain now less what is uncertain after each outcome.
      def gain(test)
        chances = left.to_h { |one| [one, one.share] }
        after = test.outcomes.keys.sum do |outcome|
          still = chances.filter_map do |one, share|
            possible = one.cause.possible(test)
            share / possible.size if possible.include?(outcome)
          end
          mass = still.sum
          mass.zero? ? 0.0 : mass * entropy(still.map { |share| share / mass })
        end
        entropy(chances.values) - after
      end

      def entropy(shares) = shares.sum { |share| share.positive? ? -share * Math.log2(share) : 0.0 }
    end
  end
end
