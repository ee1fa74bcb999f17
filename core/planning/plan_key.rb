# frozen_string_literal: true

module Munimen
  module Planning
    # What tells one planning problem from another: the state, the goals, the operations with what
    # they need, make and take on this heater under these rules, and the waits under way. Two
    # visits with the same key have the same order of work, whoever's they are.
    #
    #   PlanKey.new(agenda, jobs: 2).to_s # => 64 hexadecimal digits
    class PlanKey
      # agenda: an Agenda; jobs: how many it has.
      def initialize(agenda, jobs:)
        @agenda = agenda
        @jobs = jobs
        @visit = agenda.visit
        @terms = @visit.terms
        @space = @terms.space
      end

      def to_s = Digest::SHA256.hexdigest(Marshal.dump(content))

      private

      def content
        [
          @jobs,
          @agenda.ground,
          @visit.state.to_a,
          @visit.columns.owed.keys,
          @terms.circumstances,
          @visit.running_waits.map { |wait| [wait.operation, wait.seconds_left] },
          operations.map { |operation| signature(operation) }
        ]
      end

      def operations = @agenda.goals.map { |id| Work::Operation[id] } | @agenda.usable

      def signature(operation)
        [
          operation.id,
          @terms.needs(operation),
          @terms.makes(operation),
          (@space.expand(operation.makes_during) unless operation.makes_during.empty?),
          operation.wait && waits(operation.wait),
          operation.rescheduled(@terms.rules),
          operation.owed(@terms.rules)
        ]
      end

      def waits(wait)
        [wait.seconds.call(@space.heater), @space.expand(wait.holds), @space.expand(wait.makes)]
      end
    end
  end
end
