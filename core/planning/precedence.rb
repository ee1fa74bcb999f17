# frozen_string_literal: true

module Munimen
  module Planning
    # Which of some goals go before an operation: what it names, what proves it, what is read as
    # found, and what needs the heat away before heat is given back.
    #
    #   Precedence.new(terms:, goals: %i[mend_wiring prove_earth], owed: []).before(operation)
    class Precedence
      # terms: Work::Terms. goals: ids. owed: ids of proofs that work done, or asked for, owes.
      # ordered: whether the usual order is kept; without it only what proves goes after the work,
      # and leaving after all.
      def initialize(terms:, goals:, owed:, ordered: true)
        @terms = terms
        @rules = terms.rules
        @goals = goals
        @owed = owed
        @ordered = ordered
      end

      # {goal => goals that go before it}, by ids.
      def to_h = @goals.to_h { |id| [id, before(Work::Operation[id])] }

      # Ids of the goals that must be done before an operation: those that it names, unless a house
      # rule has them late; for the last one all others; for giving heat back, and for what is
      # late, every one that needs the heat away, so that there is one isolation and one refill.
      def before(operation)
        first = operation.last? ? @goals : followed(operation)
        (first & @goals) - [operation.id]
      end

      private

      def followed(operation)
        return renewing(operation.id) unless @ordered || operation.recommissions?

        named = follows(operation).reject { |id| Work::Operation[id].rescheduled(@rules) }
        named |= proofs_of_repairs if operation.uses_heat? && !as_found?(operation)
        named |= work_at_zero if read_live?(operation)
        named |= new_protection if restores_heat?(operation)
        late = restores_heat?(operation) || operation.rescheduled(@rules) == :after_work
        late ? named | cold_work : named
      end

      # Goals that prove what was, or is to be, renewed, and protects once there is heat.
      def new_protection
        @new_protection ||= @goals.select do |id|
          Work::Operation[id].before_heat? && (@owed.include?(id) || renewing(id).any?)
        end
      end

      # A mere reading under pressure that proves work: once, when all is open again.
      def read_live?(operation)
        operation.makes.empty? && operation.needs[:heater_pressure] == :live &&
          (@owed.include?(operation.id) || renewing(operation.id).any?)
      end

      def work_at_zero
        @work_at_zero ||= @goals.select do |id|
          Work::Operation[id].needs[:heater_pressure] == :zero
        end
      end

      # Goals that prove by heat what was, or is to be, mended, or renewed.
      def proofs_of_repairs
        proofs = @owed | @terms.hazards.flat_map(&:cleared_by)
        @proofs_of_repairs ||= (@goals & proofs).select do |id|
          operation = Work::Operation[id]
          operation.needs_heat? && !operation.uses_heat?
        end
      end

      # What takes the heat away waits for nothing where a danger stands, nor for what comes after
      # the work that it has to go before; nor does what is read as found.
      def follows(operation)
        return [] if operation.secures? && !@terms.calm?

        named = operation.after.reject do |id|
          until_cleared?(id) || (early?(operation) && after_work?(id))
        end
        found = operation.found_first.reject { |id| until_cleared?(id) || after_work?(id) }
        named + found + renewing(operation.id)
      end

      def as_found?(operation) = operation.needs[:as_found] == :yes
      def early?(operation) = operation.secures? || as_found?(operation)

      # Whether it proves work of the plan, or waits for such a proof.
      def after_work?(id)
        operation = Work::Operation[id]
        renewing(id).any? ||
          (operation.uses_heat? && !as_found?(operation) && proofs_of_repairs.any?)
      end

      # What waits for a danger to be cleared does not go before what clears it.
      def until_cleared?(id)
        @terms.hazards.any? { |one| @terms.allowed(Work::Operation[id], one) == [:none] }
      end

      # A proof goes after the work that owes it.
      def renewing(id)
        @goals.select { |goal| Work::Operation[goal].owed(@rules).include?(id) }
      end

      def restores_heat?(operation)
        @terms.space
          .expand(operation.makes)
          .any? { |name, values| name.start_with?("heat.") && values == [:on] }
      end

      def cold_work
        @cold_work ||= @goals.select do |id|
          needs = @terms.needs(Work::Operation[id])
          heat = needs.select { |name, _| name.start_with?("heat.") }.values
          heat.any? && heat.none? { |values| values.include?(:on) }
        end
      end
    end
  end
end
