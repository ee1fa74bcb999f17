# frozen_string_literal: true

module Munimen
  module Planning
    # Goals in the stages of a working day, for sets that are too large to be searched as a whole:
    # what is read live, what needs zero pressure, flushing, what needs a drained tank,
    # recommissioning, leaving.
    class Stages
      # terms: Work::Terms. owed: ids of proofs that work done already owes. before: {goal => goals
      # that go before it}, by ids.
      def initialize(terms, owed: [], before: {})
        @terms = terms
        @owed = owed
        @before = before
        @rules = terms.rules
      end

      # [[ids], …], without empty stages.
      def of(goals)
        owed = @owed + goals.flat_map { |id| Work::Operation[id].owed(@rules) }
        stages = goals.to_h { |id| [id, stage(Work::Operation[id], owed.include?(id))] }
        goals.group_by { |id| latest(id, stages) }.sort.map(&:last)
      end

      private

      # What goes after others is in no earlier stage than they are.
      def latest(id, stages, way = [])
        return stages[id] if way.include?(id)

        before = @before.fetch(id, []).map { |other| latest(other, stages, [*way, id]) }
        [stages[id], *before].max
      end

      # owed: whether other work of the same plan owes it as its proof.
      def stage(operation, owed)
        return 6 if operation.last?
        return 5 if recommissioning?(operation, owed)
        if operation.rescheduled(@rules)
          return { with_work: 1, after_work: 5 }.fetch(operation.rescheduled(@rules))
        end

        needs = @terms.needs(operation)
        return live_or_zero(needs) unless cold?(needs) || needs.key?(:"feed.heater")
        return 1 unless needs.key?(:level)

        needs[:drain] == [:open] ? 2 : 3
      end

      def live_or_zero(needs) = needs[:heater_pressure] == [:zero] ? 1 : 0

      # Whether the heat has to be away, or a feed dead.
      def cold?(needs)
        heat = needs.select { |name, _| name.start_with?("heat.") }.values
        dead = needs.any? do |name, values|
          name.start_with?("feed.") && values == [:proved_dead]
        end
        dead || (heat.any? && heat.none? { |values| values.include?(:on) })
      end

      def recommissioning?(operation, owed)
        operation.recommissions? || @terms.barred_by(operation).any? || (owed && live?(operation))
      end

      # Whether it wants the tank full and live, or heat.
      def live?(operation)
        needs = @terms.needs(operation)
        operation.energised? || needs[:heater_pressure] == [:live] || needs[:level] == [:full]
      end
    end
  end
end
