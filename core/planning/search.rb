# frozen_string_literal: true

module Munimen
  module Planning
    # Finds the order of operations with the least total time: best-first search over (state,
    # goals left, waits running), guided by the time that what is left must take at least. One
    # person; while a wait runs, whatever does not disturb it may go on.
    #
    # The estimate counts the hands-on time of everything that must still be done, and the part of
    # each wait that nothing left could fill. With weight 1 a search is exact; with more it leans
    # on the estimate: quick, but nothing is proved. An exact search that stops early still knows
    # what any order takes at least.
    class Search
      Node = Struct.new(:state, :goals, :running, :cost, :parent, :op, :started, :able, :name)
      Move = Struct.new(:op, :start)

      # After a search the seconds that any order takes at least.
      attr_reader :at_least

      def initialize(problem, running: [])
        @problem = problem
        @start = Node.new(problem.start, problem.goal_mask, running, 0)
        @estimates = {}
        @useful = {}
      end

      # [[Move, …], total seconds]; nil when there is no order that does it all, or none quicker
      # than `below`; :too_many after `limit` states.
      def call(weight: 1, limit: 900, below: Float::INFINITY)
        @open = {}
        @seen = {}
        @weight = weight
        @below = below
        count = 0
        push(@start)
        until @open.empty?
          node = pop
          return finished(node) if node.goals.zero?
          next if (@seen[key(node)] || Float::INFINITY) < node.cost
          return too_many(node) if (count += 1) > limit

          expand(node)
        end
        @at_least = below if weight == 1
        nil
      end

      private

      def finished(node)
        total = node.cost + (node.running.map(&:seconds).max || 0)
        @at_least = total if @weight == 1
        [moves(node), total]
      end

      def too_many(node)
        @at_least = node.cost + estimate(node) if @weight == 1
        :too_many
      end

      # A bucket for each whole second of estimate; within it the newest goes first.
      def push(node)
        rest = estimate(node) or return
        return if node.cost + rest >= @below

        (@open[(node.cost + (rest * @weight)).round] ||= []) << node
      end

      def pop
        best = @open.each_key.min
        node = @open[best].pop
        @open.delete(best) if @open[best].empty?
        node
      end

      def expand(node)
        successors(node).reverse_each do |child|
          name = key(child)
          known = @seen[name]
          next if known && known <= child.cost

          @seen[name] = child.cost
          push(child)
        end
      end

      def key(node)
        node.name ||= [
          node.state,
          node.goals,
          *node.running.flat_map { |wait| [wait.index, wait.seconds] }
        ]
      end

      def successors(node)
        found = possible(node).filter_map { |op| apply(node, op) unless told_before?(node, op) }
        place = node.op&.operation&.place
        found = found.partition { |child| child.op.operation.place == place }.sum([]) if place
        found << sit_out(node) unless node.running.empty?
        found
      end

      # What can be done next. Where something must come at once, only that, or what calls for it
      # again.
      def possible(node) = node.able ||= find_possible(node)

      def find_possible(node)
        able = @problem.ops.select { |op| possible?(node, op) }
        urgent = able.select { |op| op.operation.immediate? }
        return able if urgent.empty?

        able.select do |op|
          urgent.include?(op) ||
            urgent.any? do |first|
              first.needs.any? { |mask| mask.anybits?(op.set) && op.goal != 0 }
            end
        end
      end

      def possible?(node, op)
        return false if node.state.anybits?(op.barred)
        return false if op.goal != 0 && node.goals.nobits?(op.goal)
        return false if (node.goals & op.after).anybits?(~op.goal)
        return false if op.wait.nil? && op.goal.zero? && node.state.allbits?(op.set)
        return false if op.wait && node.running.any? { |wait| wait.index == op.index }

        node.running.none? { |wait| op.disturbs?(wait) }
      end

      def apply(node, op)
        state = (node.state & ~op.clear) | op.set
        running, state = pass(node.running, op.seconds, state)
        running += [op.wait] if op.wait && useful?(op, node.goals)
        goals = node.goals & ~op.goal
        return if round_trip?(node, state, goals)

        Node.new(state, goals, running, node.cost + op.seconds, node, op, node.cost)
      end

      # Of two neighbours that commute only the one order is followed that goes with the walk: the
      # other was, or will be, looked at from the node before.
      def told_before?(node, op)
        last = node.op
        unless last && op.index < last.index && node.parent.running.size == node.running.size &&
               @problem.commute?(op, last)
          return false
        end

        possible(node.parent).include?(op)
      end

      # Back where it was a few steps ago: something was done and undone for nothing.
      def round_trip?(node, state, goals)
        4.times do
          node = node.parent or return false
          return true if node.state == state && node.goals == goals
        end
        false
      end

      # A wait that makes nothing anybody still needs is not waited for.
      def useful?(op, goals)
        @useful.fetch((goals << 10) | op.index) do |name|
          @useful[name] = @problem.ops.any? do |other|
            other.index != op.index && (other.goal.zero? || goals.anybits?(other.goal)) &&
              other.needs.any? { |mask| mask.anybits?(op.wait.set) }
          end
        end
      end

      def sit_out(node)
        seconds = node.running.map(&:seconds).min
        running, state = pass(node.running, seconds, node.state)
        Node.new(state, node.goals, running, node.cost + seconds, node, nil, node.cost)
      end

      def pass(running, seconds, state)
        return [running, state] if running.empty?

        over, left = running.partition { |wait| wait.seconds <= seconds }
        over.each { |wait| state = (state & ~wait.clear) | wait.set }
        [left.map { |wait| wait.dup.tap { |copy| copy.seconds -= seconds } }, state]
      end

      # Least seconds still needed, or nil when something can never be made true.
      def estimate(node)
        name = [node.state, node.goals, node.running.map(&:index)]
        rest = @estimates.fetch(name) { @estimates[name] = rest(node) } or return
        rest.seconds +
          node.running.sum { |wait| [wait.seconds - rest.fills.fetch(wait.index), 0].max }
      end

      # What must still be done takes `seconds`, waits included; of a running wait, by its index,
      # so many seconds could be filled.
      Rest = Struct.new(:seconds, :fills)

      def rest(node)
        required = LowerBound.new(@problem, node).all or return
        known = {}
        idle = ->(op) { op.wait ? known[op.index] ||= idle(op, required, node.goals) : 0 }
        Rest.new(
          required.seconds + required.operations.sum { |op| op.wait ? idle[op] : 0 } +
            (required.choices.map { |makers| least_idle(makers, required, idle) }.max || 0),
          node.running.to_h do |wait|
            [wait.index, fillable(required.operations, wait) + required.quickest]
          end
        )
      end

      # Seconds of the wait of an operation that has one which nothing left could fill.
      def idle(operation, required, goals)
        return 0 unless useful?(operation, goals)

        [
          operation.wait.seconds - fillable(required.operations, operation.wait) -
            required.quickest,
          0
        ].max
      end

      # Idle seconds that come with a choice, whichever is taken: the own wait's, or that of what
      # is needed first.
      def least_idle(makers, required, idle)
        return 0 unless makers.all?(&:wait)

        makers
          .map do |op|
            [
              idle[op],
              *required
                .open_needs(op)
                .map do |mask|
                  @problem.always_waits?(mask) ? @problem.achievers(mask).map(&idle).min : 0
                end
            ].max
          end
          .min
      end

      # Hands-on seconds of what is required and could go on during a wait.
      def fillable(required, wait)
        barred = barred(wait)
        required.sum { |op| barred[op.index] == 1 ? 0 : op.seconds }
      end

      # Operations, as a mask of their indices, that cannot go on during a wait: itself, those it
      # shuts out, those that must go before it and those that can only follow.
      def barred(wait)
        @barred ||= {}
        @barred[wait.index] ||= begin
          before = wait.index ? closure(@problem.ops[wait.index]) : 0
          @problem.ops.reduce(before | (wait.index ? 1 << wait.index : 0)) do |mask, op|
            out = op.excluded_by?(wait) || (wait.index && closure(op)[wait.index] == 1)
            out ? mask | (1 << op.index) : mask
          end
        end
      end

      # Mask of the operations that must go before one, as far as each need has a single maker.
      def closure(op)
        @closures ||= {}
        @closures[op.index] ||= begin
          found = 0
          queue = [op]
          while (current = queue.shift)
            before =
              current.needs.filter_map { |mask| sole_maker(mask) } +
              @problem.ops.select { |o| o.goal.anybits?(current.after) }
            before.each do |o|
              next if found[o.index] == 1

              found |= 1 << o.index
              queue << o
            end
          end
          found
        end
      end

      def sole_maker(mask)
        return if @start.state.anybits?(mask)

        makers = @problem.achievers(mask)
        makers.first if makers.size == 1
      end

      def moves(node)
        list = []
        while node.parent
          list.unshift(Move.new(node.op, node.started)) if node.op
          node = node.parent
        end
        list
      end
    end
  end
end
