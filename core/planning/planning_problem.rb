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
          :set,
          :clear,
          :during,
          :seconds,
          :wait,
          :after,
          :goal,
          :asks,
          :made,
          :lost,
          :broken,
          :place,
          keyword_init: true
        ) do
          def id = operation.id
          def bit = 1 << index
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

          # Whether this operation cannot be done while the wait runs.
          def excluded_by?(wait)
            disturbs?(wait) ||
              needs.any? { |mask| wait.hold_vars.allbits?(mask) && mask.nobits?(wait.hold_bits) }
          end

          # Needs that it is sure to break of those that hold, when it is done for the sake of a
          # need: its wait counts where only the wait's end makes that true.
          def breaks(need)
            wait && made.nobits?(need.bit) ? broken | wait.broken : broken
          end
        end
      # set, clear: bits of the state; made, lost: the needs that they make true, and that hang on
      # what they change; broken: needs of which they take a value away.
      Pending = Struct.new(:index, :seconds, :set, :clear, :hold_vars, :hold_bits,
                           :made, :lost, :broken)
      # One need of some operation: its values as a mask of the state, and what makes one of them
      # true (operations; those as a mask). asks, broken: what all of these need, and break.
      Need = Struct.new(:bit, :mask, :makers, :makers_mask, :seconds, :waits, :asks, :broken)

      # needs: [Need]; unmakeable, sole, waits: those, as masks, that nothing makes true, that one
      # operation only does, and that always bring a wait. waiting: operations with a wait, as a
      # mask of their indices.
      attr_reader :ops, :goal_mask, :needs, :unmakeable, :sole, :waits, :waiting

      # terms: Work::Terms. state: where the search starts. goals: operation ids to be done.
      # helpers: ids that may be used besides. running: operations whose wait is under way.
      # precedence: Precedence of the goals.
      def initialize(terms:, state:, goals:, helpers:, precedence:, running: [])
        @precedence = precedence
        @terms = terms
        @space = terms.space
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
        number_needs
      end

      # The state at the start, and the needs that it meets, as bits.
      def start = @bits.sum { |name, values| values.fetch(@state.fetch(name)) }
      def met_at_start = needs_with(start)

      # Whether two operations commute, by their indices; worked out once.
      def commute?(one, other)
        @commute ||= {}
        @commute.fetch((one.index << 10) | other.index) do |key|
          @commute[key] = one.commutes?(other)
        end
      end

      # What some goals (a mask) ask for by themselves: their operations as a mask, hands-on
      # seconds, needs, what they break, and the needs of the last one; kept.
      Asked = Struct.new(:listed, :seconds, :needs, :broken, :final)

      def asked(goals)
        (@asked ||= {})[goals] ||= ops.select { |op| op.goal.anybits?(goals) }.then do |asked|
          Asked.new(
            union_of(asked, &:bit),
            asked.sum(&:seconds),
            union_of(asked, &:asks),
            union_of(asked, &:broken),
            union_of(asked.select { |op| op.operation.last? }, &:asks)
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

      # A running wait of an operation, `seconds` before its end.
      def under_way(operation, seconds)
        op = ops.find { |candidate| candidate.id == operation.id }
        wait = op&.wait || linked(compile_wait(operation, op ? op.index : foreign(operation)))
        wait.dup.tap { |copy| copy.seconds = seconds }
      end

      private

      def union_of(list) = list.reduce(0) { |bits, one| bits | yield(one) }

      # An index of its own for a wait whose operation is none of ours.
      def foreign(operation) = ops.size + (@foreign ||= []).push(operation.id).size

      # The needs of which some state bits hold a value.
      def needs_with(bits) = union_of(needs) { |need| need.mask.anybits?(bits) ? need.bit : 0 }

      # Gives each distinct need a bit of its own, so that what a state meets, and what an
      # operation asks for, makes and breaks, are masks of needs.
      def number_needs
        @needs = ops.flat_map(&:needs).uniq.each_with_index.map do |mask, index|
          Need.new(1 << index, mask)
        end
        by_mask = @needs.to_h { |need| [need.mask, need] }
        ops.each do |op|
          linked(op)
          op.asks = union_of(op.needs) { |mask| by_mask.fetch(mask).bit }
          linked(op.wait) if op.wait
        end
        @needs.each { |need| find_makers(need) }
        @unmakeable = union_of(@needs.select { |need| need.makers.empty? }, &:bit)
        @sole = union_of(@needs.select { |need| need.makers.size == 1 }, &:bit)
        @waits = union_of(@needs.select(&:waits), &:bit)
        @waiting = union_of(ops.select(&:wait), &:bit)
      end

      # An operation or a wait with what its effects mean for the needs.
      def linked(effect)
        effect.made = needs_with(effect.set)
        effect.lost = needs_with(effect.clear)
        effect.broken = needs_with(effect.clear & ~effect.set)
        effect
      end

      def find_makers(need)
        makers = ops.select { |op| (op.set | (op.wait&.set || 0)).anybits?(need.mask) }
        need.makers = makers
        need.makers_mask = union_of(makers, &:bit)
        need.seconds = makers.map(&:seconds).min
        need.waits = makers.any? && makers.all?(&:wait)
        need.asks = makers.map(&:asks).reduce(:&) || 0
        need.broken = makers.map { |op| op.breaks(need) }.reduce(:&) || 0
      end

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
          set:,
          clear:,
          during: effect(operation.makes_during).first,
          seconds: operation.hands_on + attended,
          wait:,
          goal: bit(operation.id),
          after: @precedence.before(operation).sum { |id| bit(id) },
          place: operation.place
        )
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
