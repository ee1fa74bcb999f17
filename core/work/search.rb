# frozen_string_literal: true

module Munimen
  module Work
    # Finds the order of operations with the least total time: best-first search over (state, goals left,
    # waits running), guided by the time that what is left must take at least. One person; while a wait
    # runs, whatever does not disturb it may go on.
    #
    # The estimate counts the hands-on time of everything that must still be done, and the part of each
    # wait that nothing left could fill. `bounded` tells that the search gave up proving the optimum.
    class Search
      NODE_LIMIT = 6_000

      Node = Struct.new(:state, :goals, :running, :cost, :parent, :op, :started)
      Move = Struct.new(:op, :start)

      attr_reader :expanded, :bounded

      def initialize(compiled, running: [])
        @compiled = compiled
        @start = Node.new(compiled.start, compiled.goal_mask, running, 0)
        @estimates = {}
        @useful = {}
        @seen = {}
        @expanded = 0
      end

      # [[Move, …], total seconds], or nil when there is no order that does it all.
      def call
        @open = {}
        push(@start)
        until @open.empty?
          node = pop
          return [moves(node), node.cost + (node.running.map(&:seconds).max || 0)] if node.goals.zero?
          next if (@seen[key(node)] || Float::INFINITY) < node.cost

          expand(node)
          return nil if (@expanded += 1) > NODE_LIMIT * 4

          @bounded ||= @expanded > NODE_LIMIT
        end
        nil
      end

      private

      # A bucket for each whole second of estimate; within it the newest goes first.
      def push(node)
        rest = estimate(node) or return
        (@open[(node.cost + (@bounded ? rest * 3 : rest)).round] ||= []) << node
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

      def key(node) = [node.state, node.goals, node.running.map { |wait| [wait.index, wait.seconds] }]

      def successors(node)
        found = @compiled.ops.filter_map { |op| apply(node, op) if possible?(node, op) }
        place = node.op&.operation&.place
        found = found.partition { |child| child.op.operation.place == place }.flatten if place
        found << sit_out(node) unless node.running.empty?
        found
      end

      def possible?(node, op)
        return false if op.goal != 0 && node.goals.nobits?(op.goal)
        return false if (node.goals & op.after).anybits?(~op.goal)
        return false if op.goal.zero? && node.state.allbits?(op.set) && op.wait.nil?
        return false if op.wait && node.running.any? { |wait| wait.index == op.index }
        return false if node.running.any? { |wait| op.disturbs?(wait) }

        op.needs.all? { |mask| node.state.anybits?(mask) }
      end

      def apply(node, op)
        state = (node.state & ~op.clear) | op.set
        running, state = pass(node.running, op.seconds, state)
        running += [op.wait] if op.wait && useful?(op, node.goals)
        Node.new(state, node.goals & ~op.goal, running, node.cost + op.seconds, node, op, node.cost)
      end

      # A wait that makes nothing anybody still needs is not waited for.
      def useful?(op, goals)
        @useful.fetch([op.index, goals]) do |name|
          @useful[name] = @compiled.ops.any? do |other|
            other.index != op.index && (other.goal.zero? || goals.anybits?(other.goal)) && other.needs.any? { |mask| mask.anybits?(op.wait.set) }
          end
        end
      end

      def sit_out(node)
        seconds = node.running.map(&:seconds).min
        running, state = pass(node.running, seconds, node.state)
        Node.new(state, node.goals, running, node.cost + seconds, node, nil, node.cost)
      end

      def pass(running, seconds, state)
        over, left = running.partition { |wait| wait.seconds <= seconds }
        over.each { |wait| state = (state & ~wait.clear) | wait.set }
        [left.map { |wait| wait.dup.tap { |copy| copy.seconds -= seconds } }, state]
      end

      # Least seconds still needed, or nil when something can never be made true.
      def estimate(node)
        name = [node.state, node.goals, node.running.map(&:index)]
        required = @estimates.fetch(name) { @estimates[name] = required(node) }
        return unless required

        total = required.sum(&:seconds)
        total + waits(node, required).sum { |wait, seconds| [seconds - fillable(required, wait), 0].max }
      end

      def waits(node, required)
        node.running.map { |wait| [wait, wait.seconds] } +
          required.filter_map { |op| [op.wait, op.wait.seconds] if op.wait && useful?(op, node.goals) }
      end

      # Everything that must still be done: the goals, and for each need not met the only operation that
      # can make it true. nil when a need can never be met.
      def required(node)
        made = node.running.reduce(node.state) { |bits, wait| bits | wait.set }
        list = @compiled.ops.select { |op| op.goal.anybits?(node.goals) }
        listed = list.reduce(0) { |mask, op| mask | (1 << op.index) }
        position = 0
        while (op = list[position])
          position += 1
          op.needs.each do |mask|
            next if made.anybits?(mask)

            makers = @compiled.achievers(mask)
            return nil if makers.empty?
            next if makers.size > 1 || listed[makers.first.index] == 1

            listed |= 1 << makers.first.index
            list << makers.first
          end
        end
        list
      end

      # Hands-on seconds of what is required and could go on during a wait.
      def fillable(required, wait)
        barred = barred(wait)
        required.sum { |op| barred[op.index] == 1 ? 0 : op.seconds }
      end

      # Operations, as a mask of their indices, that cannot go on during a wait: itself, those it shuts
      # out, those that must go before it and those that can only follow.
      def barred(wait)
        @barred ||= {}
        @barred[wait.index] ||= begin
          before = wait.index ? closure(@compiled.ops[wait.index]) : 0
          @compiled.ops.reduce(before | (wait.index ? 1 << wait.index : 0)) do |mask, op|
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
            before = current.needs.filter_map { |mask| sole_maker(mask) } + @compiled.ops.select { |o| o.goal.anybits?(current.after) }
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

        makers = @compiled.achievers(mask)
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
