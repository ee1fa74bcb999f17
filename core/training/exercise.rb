# frozen_string_literal: true

module Munimen
  module Training
    # A scenario being worked on: the rig with its clock, and all that the trainee did. Made again
    # from the acts alone, to the same rig, so that nothing else need be kept.
    #
    #   exercise = Exercise.new(scenario)
    #   exercise.test(:static_pressure) # => :high
    class Exercise
      # at: s since the beginning; kind: :step, :test, :refused, :named, :over; what: operation,
      # test or cause; more: what came of it (an outcome, a state, the needs that were not met).
      Act = Struct.new(:at, :kind, :what, :more, keyword_init: true)

      LONGEST = 172_800 # s that the rig is run on at one time
      BEFORE = 7_200    # s that it stands with its faults before anybody comes
      SWING = 20_000.0  # Pa that the street's pressure goes up and down; from memory

      # state: of the heater, {variable => value}.
      attr_reader :scenario, :rig, :acts, :seconds, :mended, :state

      # Operations that put a cause right: of its job those that nothing else brings in, else the
      # setting of the charge.
      def self.cures(cause, heater)
        return [] unless cause.job

        all = Work::Job[cause.job].operations_for(heater)
        only = all.reject { |id| Work::Operation[id].helper? }
        only.empty? ? all & [:set_vessel_charge] : only
      end

      # acts: [Act] to do again.
      def initialize(scenario, acts = [])
        @scenario = scenario
        @mended = []
        @seconds = 0.0
        @acts = []
        @state = Work::StateSpace.new(heater).arrival
        fresh_rig(nil)
        acts.each { |act| again(act) }
      end

      def heater = scenario.heater
      def over? = acts.any? { |act| act.kind == :over }
      def faults = scenario.faults.except(*mended)

      # Lets the time pass up to so many seconds since the beginning.
      def advance_to(seconds)
        @rig.run((seconds - @seconds).clamp(0, LONGEST))
        @seconds = [@seconds, seconds].max
      end

      # An operation was done, which has left the heater in a state. It takes the hands' time,
      # counted from what was done before it.
      def step(operation, state)
        done = (acts.last&.at || 0) + Work::Operation[operation].hands_on
        note(:step, operation, state.to_h.compact)
        @state = state.dup
        mend(operation)
        @state_applier.to(state)
        advance_to(done)
        mended
      end

      # The same without its last act of an operation, at the same time: the rig is wound back and
      # runs again. state: as the heater's state then is.
      def without(operation, state)
        index = acts.rindex { |act| act.kind == :step && act.what == operation } or return self
        again = self.class.new(scenario, acts[0...index] + acts[(index + 1)..])
        again.come_back(state, seconds)
      end

      # Takes a test of the finder; its outcome, or nil where this heater cannot show it. It takes
      # the test's minutes.
      def test(id)
        known = Faults::Test[id]
        outcome = shows(known)
        note(:test, known.id, outcome)
        advance_to(seconds + (known.minutes * 60))
        outcome
      end

      # What a test shows here; nil where nothing can be told from it: the fault behind the
      # complaint is too small for it, or another one beside it hides it, and from that nobody can
      # tell that it is not there.
      def shows(test)
        outcome = Rig::Probe.take(test.id, bench)
        hidden = faults.key?(scenario.cause.id) &&
                 scenario.cause.excluded_by?(test, outcome, heater)
        outcome unless hidden
      end

      # What a test showed when it was last taken; nil where it was not, or shows nothing here.
      def outcome_of(test)
        acts.reverse.find { |act| act.kind == :test && act.what == test }&.more
      end

      # Whether a cause has been named and is the one.
      def found?(cause)
        acts.any? { |act| act.kind == :named && act.what == cause.to_sym && act.more == true }
      end

      # Whether it is a fault of this heater, besides the one that the complaint comes from.
      def besides?(cause) = scenario.faults.keys.drop(1).include?(cause.to_sym)

      # Something was tried that is never done as things stood; the needs that were not met.
      def refused(operation, needs) = note(:refused, operation, needs)

      # The trainee names a cause: true when it is the one. One that is there besides is no mistake,
      # and not yet the answer; a wrong one costs the time of what would have been replaced.
      def name(cause)
        right = Faults::Cause[cause].id == scenario.cause.id
        note(:named, cause.to_sym, right || (besides?(cause) ? :besides : false))
        lost = right || besides?(cause) ? 0 : Ledger.lost_by(Faults::Cause[cause], heater)
        advance_to(seconds + lost)
        finish if right
        right
      end

      # The end, with the cause named or given up.
      def finish = over? || note(:over, nil, nil)

      def bench = Rig::Probe::Bench.new(heater, faults, seed: scenario.seed)

      protected

      # Brings the rig to a state that was come back to.
      def come_back(state, at)
        @state = state.dup
        @state_applier.to(state)
        advance_to(at)
        self
      end

      private

      def note(kind, what, more)
        @acts << Act.new(at: seconds.round(1), kind:, what: what&.to_sym, more:)
      end

      def again(act)
        advance_to(act.at)
        case act.kind
        when :step then step(act.what, act.more)
        when :test then test(act.what)
        when :named then name(act.what)
        when :over then finish
        else note(act.kind, act.what, act.more)
        end
      end

      # What puts a cause right is the work that its job is there for.
      def mend(operation)
        cured = faults.keys.select do |name|
          self.class.cures(Faults::Cause[name], heater).include?(operation)
        end
        return if cured.empty?

        @mended += cured
        fresh_rig(rig.top)
      end

      def fresh_rig(start)
        @rig = Rig.new(heater, faults:, seed: scenario.seed, start:, swing: SWING)
        @rig.run(BEFORE) unless start
        @state_applier = Rig::StateApplier.new(@rig)
        @state_applier.to(@state)
      end
    end
  end
end
