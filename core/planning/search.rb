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
      Node = Struct.new(:state, :met, :goals, :running, :cost, :parent, :op, :started, :able,
                        :able_mask)
      Move = Struct.new(:op, :start)

      # After a search the seconds that any order takes at least.
      attr_reader :at_least

      def initialize(problem, running: [])
        @problem = problem
        @ops = problem.ops
        @shift = problem.goal_mask.bit_length
        @start = Node.new(problem.start, problem.met_at_start, problem.goal_mask, running, 0)
        @estimate = Estimate.new(problem)
      end

      # [[Move, …], total seconds]; nil when there is no order that does it all, or none quicker
      # than `below`; :too_many after `limit` states.
      def call(weight: 1, limit: 900, below: Float::INFINITY)
        @open = {}
        @keys = []
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
        @at_least = node.cost + @estimate.of(node) if @weight == 1
        :too_many
      end

      # A bucket for each whole second of estimate; within it the newest goes first.
      def push(node)
        rest = @estimate.of(node) or return
        return if node.cost + rest >= @below

        at = (node.cost + (rest * @weight)).round
        bucket = @open[at]
        return bucket << node if bucket

        @open[at] = [node]
        # the least stands last
        @keys.insert(@keys.bsearch_index { |one| one < at } || @keys.size, at)
      end

      def pop
        best = @keys.last
        bucket = @open[best]
        node = bucket.pop
        @open.delete(@keys.pop) if bucket.empty?
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

      # What tells a point of the search from others: one number, or a list where waits run.
      def key(node)
        name = (node.state << @shift) | node.goals
        return name if node.running.empty?

        node.running.each_with_object([name]) { |wait, all| all << wait.index << wait.seconds }
      end

      def successors(node)
        found = possible(node).filter_map { |op| apply(node, op) unless told_before?(node, op) }
        place = node.op&.place
        found = found.partition { |child| child.op.place == place }.sum([]) if place
        found << sit_out(node) unless node.running.empty?
        found
      end

      # What can be done next. Where something must come at once, only that, or what calls for it
      # again.
      def possible(node)
        return node.able if node.able

        node.able = find_possible(node)
        node.able_mask = node.able.reduce(0) { |bits, op| bits | op.bit }
        node.able
      end

      def find_possible(node)
        able = @ops.select { |op| possible?(node, op) }
        urgent = able.select { |op| op.operation.immediate? }
        return able if urgent.empty?

        able.select do |op|
          urgent.include?(op) ||
            (op.goal != 0 && urgent.any? { |first| first.asks.anybits?(op.made) })
        end
      end

      def possible?(node, op)
        return false unless node.met.allbits?(op.asks)
        return false if op.goal != 0 && node.goals.nobits?(op.goal)
        return false if node.goals.anybits?(op.after)
        return false if op.goal.zero? && op.wait.nil? && node.state.allbits?(op.set)
        return true if node.running.empty?
        return false if op.wait && node.running.any? { |wait| wait.index == op.index }

        node.running.none? { |wait| op.disturbs?(wait) }
      end

      def apply(node, op)
        state = (node.state & ~op.clear) | op.set
        met = (node.met & ~op.lost) | op.made
        running = node.running
        running, state, met = pass(running, op.seconds, state, met) unless running.empty?
        running += [op.wait] if op.wait && @estimate.useful?(op, node.goals)
        goals = node.goals & ~op.goal
        return if round_trip?(node, state, goals)

        Node.new(state, met, goals, running, node.cost + op.seconds, node, op, node.cost)
      end

      # Of two neighbours that commute only the one order is followed that goes with the walk: the
      # other was, or will be, looked at from the node before.
      def told_before?(node, op)
        last = node.op
        unless last && op.index < last.index && node.parent.running.size == node.running.size &&
               @problem.commute?(op, last)
          return false
        end

        possible(node.parent)
        node.parent.able_mask[op.index] == 1
      end

      # Back where it was a few steps ago: something was done and undone for nothing.
      def round_trip?(node, state, goals)
        4.times do
          node = node.parent or return false
          return true if node.state == state && node.goals == goals
        end
        false
      end

      def sit_out(node)
        seconds = node.running.map(&:seconds).min
        running, state, met = pass(node.running, seconds, node.state, node.met)
        Node.new(state, met, node.goals, running, node.cost + seconds, node, nil, node.cost)
      end

      # Running waits, state and needs met after some seconds.
      def pass(running, seconds, state, met)
        over, left = running.partition { |wait| wait.seconds <= seconds }
        over.each do |wait|
          state = (state & ~wait.clear) | wait.set
          met = (met & ~wait.lost) | wait.made
        end
        [left.map { |wait| wait.dup.tap { |copy| copy.seconds -= seconds } }, state, met]
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
