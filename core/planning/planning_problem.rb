# frozen_string_literal: true

module Munimen
  module Planning
    # Operations and states as bit masks, for the planner's search: each value of each variable is
    # one bit, so that a need is one `&` and an effect one `& ~clear | set`. Variables that none
    # of the operations changes are settled beforehand and take no bits.
    class PlanningProblem
      Op =
        Struct.new(
          :operation,
          :index,
          :needs,
          :barred,
          :set,
          :clear,
          :during,
          :seconds,
          :wait,
          :after,
          :goal,
          keyword_init: true
        ) do
          def id = operation.id
          # Whether a wait's held variables would be changed by this operation, if only while it
          # is done.
          def disturbs?(wait) = ((set | during) & wait.hold_vars).anybits?(~wait.hold_bits)

          # Whether two operations next to each other may as well be done the other way round.
          def commutes?(other)
            if wait || other.wait || after.anybits?(other.goal) || other.after.anybits?(goal) ||
               clear.anybits?(other.clear)
              return false
            end

            !touches?(other) && !other.touches?(self)
          end

          # Whether it changes what another one needs.
          def touches?(other) = other.needs.any? { |mask| mask.anybits?(clear) }

          # Bits that it is sure to take away when it is done for the sake of a need: its wait
          # counts where only the wait's end makes that true.
          def breaks(mask)
            (clear & ~set) | (wait && mask != 0 && set.nobits?(mask) ? wait.clear & ~wait.set : 0)
          end

          # Whether this operation cannot be done while the wait runs.
          def excluded_by?(wait)
            disturbs?(wait) ||
              needs.any? { |mask| wait.hold_vars.allbits?(mask) && mask.nobits?(wait.hold_bits) }
          end
        end
      Pending = Struct.new(:index, :seconds, :set, :clear, :hold_vars, :hold_bits)

      attr_reader :ops, :goal_mask

      # terms: Work::Terms. state: where the search starts. goals: operation ids to be done.
      # helpers: ids that may be used besides. running: operations whose wait is under way.
      def initialize(terms:, state:, goals:, helpers:, running: [])
        @terms = terms
        @space = terms.space
        @rules = terms.rules
        @state = state
        @goals = goals.each_with_index.to_h
        @goal_mask = (1 << goals.size) - 1
        operations =
          (goals + helpers)
            .uniq
            .map { |id| Work::Operation[id] }
            .sort_by
            .with_index do |operation, index|
              [Heater::Parts::PLACES.index(operation.place) || 0, index]
            end
        @bits = number_bits(operations + running)
        @ops = operations.each_with_index.map { |operation, index| compile(operation, index) }
        @achievers = {}
      end

      # The state at the start.
      def start = @bits.sum { |name, values| values.fetch(@state.fetch(name)) }

      # Whether two operations commute, by their indices; worked out once.
      def commute?(one, other)
        @commute ||= {}
        @commute.fetch((one.index << 10) | other.index) do |key|
          @commute[key] = one.commutes?(other)
        end
      end

      # The operations that make one of the bits of a need true.
      def achievers(mask)
        @achievers[mask] ||= ops.select { |op| (op.set | (op.wait&.set || 0)).anybits?(mask) }
      end

      # Operations as a mask of their indices; those that make a need true, kept.
      def mask_of(operations) = operations.reduce(0) { |mask, op| mask | (1 << op.index) }
      def makers_mask(mask) = (@makers_masks ||= {})[mask] ||= mask_of(achievers(mask))

      # Whether whatever makes a need true brings a wait.
      def always_waits?(mask)
        (@always_waits ||= {}).fetch(mask) do |need|
          @always_waits[need] = achievers(need).any? && achievers(need).all?(&:wait)
        end
      end

      # What all makers of a need need, as masks, and what all of them take away; kept.
      def common(mask)
        (@common ||= {})[mask] ||= achievers(mask).then do |makers|
          [makers.map(&:needs).reduce(:&), makers.map { |op| op.breaks(mask) }.reduce(:&)]
        end
      end

      # What some goals (a mask) ask for by themselves: their operations, those as a mask, their
      # needs, what they take away, and the needs of the last one; kept.
      Asked = Struct.new(:operations, :listed, :needs, :broken, :final)

      def asked(goals)
        (@asked ||= {})[goals] ||= ops.select { |op| op.goal.anybits?(goals) }.then do |asked|
          Asked.new(
            asked,
            mask_of(asked),
            asked.flat_map(&:needs),
            asked.reduce(0) { |bits, op| bits | op.breaks(0) },
            asked.select { |op| op.operation.last? }.flat_map(&:needs)
          )
        end
      end

      # Conditions of a need as masks, one for each variable that can change; 0 for what can never
      # be true.
      def masks(conditions)
        @space.expand(conditions).filter_map do |name, values|
          if @bits.key?(name) then union(name, values)
          elsif !values.include?(@state.fetch(name)) then 0
          end
        end
      end

      # The bits that must not hold for an operation with these needs to be possible: since each
      # variable has one bit set, one `&` then tells whether all needs are met.
      def barred(conditions)
        @space.expand(conditions).reduce(0) do |bits, (name, values)|
          if @bits.key?(name) then bits | (variable(name) & ~union(name, values))
          else values.include?(@state.fetch(name)) ? bits : -1
          end
        end
      end

      # A running wait of an operation, `seconds` before its end.
      def under_way(operation, seconds)
        op = ops.find { |candidate| candidate.id == operation.id }
        wait = op&.wait || compile_wait(operation, op&.index)
        wait.dup.tap { |copy| copy.seconds = seconds }
      end

      private

      def number_bits(operations)
        changed = operations.flat_map do |operation|
          @terms.makes(operation).keys + @space.expand(operation.wait&.makes || {}).keys +
            @space.expand(operation.makes_during).keys
        end.uniq
        position = -1
        changed.to_h do |name|
          [name, @space.domains.fetch(name).to_h { |value| [value, 1 << (position += 1)] }]
        end
      end

      def union(name, values) = values.sum { |value| @bits.fetch(name).fetch(value) }
      def variable(name) = @bits.fetch(name).values.sum

      def compile(operation, index)
        set, clear = effect(@terms.makes(operation))
        wait = compile_wait(operation, index)
        attended = (
          if operation.wait && operation.wait.manner == :attended
            operation.wait.seconds.call(@space.heater)
          else
            0
          end
        )
        needs = @terms.needs(operation)
        Op.new(
          operation:,
          index:,
          needs: masks(needs),
          barred: barred(needs),
          set:,
          clear:,
          during: effect(operation.makes_during).first,
          seconds: operation.hands_on + attended,
          wait:,
          goal: bit(operation.id),
          after: goes_after(operation)
        )
      end

      # Goals that must be done before it: those that it names, unless a house rule has them late;
      # for the last one all others; for giving heat back, and for what is late, every one that
      # needs the heat away, so that there is one isolation and one refill.
      def goes_after(operation)
        return @goal_mask & ~bit(operation.id) if operation.last?

        named =
          follows(operation)
            .reject { |id| Work::Operation[id].rescheduled(@rules) }
            .reduce(0) { |mask, id| mask | bit(id) }
        if restores_heat?(operation) || operation.rescheduled(@rules) == :after_work
          named | (cold_work & ~bit(operation.id))
        else
          named
        end
      end

      # What takes the heat away waits for nothing where a danger stands.
      def follows(operation)
        return [] if operation.secures? && !@terms.calm?

        operation.after.reject { |id| until_cleared?(id) } + renewing(operation.id)
      end

      # What waits for a danger to be cleared does not go before what clears it.
      def until_cleared?(id)
        @terms.hazards.any? { |one| @terms.allowed(Work::Operation[id], one) == [:none] }
      end

      # A proof goes after the work that owes it.
      def renewing(id)
        @goals.keys.select { |goal| Work::Operation[goal].owed(@terms.rules).include?(id) }
      end

      def restores_heat?(operation)
        @space
          .expand(operation.makes)
          .any? { |name, values| name.start_with?("heat.") && values == [:on] }
      end

      def cold_work
        @cold_work ||= @goals.keys.reduce(0) do |mask, id|
          heat =
            @terms
              .needs(Work::Operation[id])
              .select { |name, _| name.start_with?("heat.") }
          heat.any? && heat.values.none? { |values| values.include?(:on) } ? mask | bit(id) : mask
        end
      end

      def bit(goal) = @goals[goal] ? 1 << @goals[goal] : 0

      def effect(makes)
        expanded = @space.expand(makes)
        [
          expanded.sum { |name, values| union(name, values) },
          expanded.sum { |name, _| variable(name) }
        ]
      end

      def compile_wait(operation, index)
        wait = operation.wait
        return if wait.nil? || wait.manner == :attended

        set, clear = effect(wait.makes)
        held = @space.expand(wait.holds).slice(*@bits.keys)
        Pending.new(
          index,
          wait.seconds.call(@space.heater),
          set,
          clear,
          held.sum { |name, _| variable(name) },
          held.sum { |name, values| union(name, values) }
        )
      end
    end
  end
end
