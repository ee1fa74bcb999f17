# frozen_string_literal: true

module Munimen
  class Visit
    # What the steps of a visit have made of the heater's state so far.
    class History
      Running =
        Struct.new(
          :operation,
          :step,
          :started_at,
          :ends_at,
          :seconds_left,
          :manner,
          :label,
          keyword_init: true
        )

      attr_reader :state, :running

      def initialize(visit)
        @visit = visit
        @space = Work::StateSpace.new(visit.heater)
        @state = @space.arrival.dup
        @running = []
        visit.standing.each { |step| take(step) unless step.outcome == :not_tested }
        finish_waits(visit.now)
      end

      # Running waits that an operation would spoil, if it were done now.
      def disturbed_by(operation)
        after = @state.merge(first_values(operation.effects(@visit)))
        @running.select { |wait| disturbed?(wait, operation, after) }
      end

      private

      def take(step)
        finish_waits(step.at)
        operation = Work::Operation[step.operation]
        change(step.made ? operation.effects(@visit, step.made) : operation.effects(@visit))
        @running.reject! { |wait| disturbed?(wait, operation, @state) }
        start_wait(operation, step) if operation.wait
      end

      def start_wait(operation, step)
        wait = operation.wait
        @running.reject! { |running| running.operation == operation.id }
        # An attended wait is over when its step is done; so is one that was found over.
        if step.at.nil? || step.outcome == :already_so || wait.manner == :attended
          return change(wait.makes)
        end

        seconds = wait.seconds.call(@visit.heater)
        @running << Running.new(
          operation: operation.id,
          step: step.id,
          started_at: step.at,
          ends_at: step.at + seconds,
          manner: wait.manner,
          label: wait.label
        )
      end

      # Waits over by a time have made true what they make; one whose held state was disturbed has
      # not.
      def finish_waits(time)
        return unless time

        over, @running = @running.partition { |wait| wait.ends_at <= time }
        over.each { |wait| change(Work::Operation[wait.operation].wait.makes) }
        @running.each { |wait| wait.seconds_left = (wait.ends_at - time).ceil }
      end

      # Whether an operation has broken what a wait holds: then it brings about nothing.
      def disturbed?(wait, operation, state)
        !@space.unmet(
          Work::Operation[wait.operation].wait.holds,
          state.merge(first_values(operation.makes_during))
        ).empty?
      end

      def first_values(effects) = @space.expand(effects).transform_values(&:first)

      def change(effects) = @state.merge!(first_values(effects))
    end
  end
end
