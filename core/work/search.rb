# frozen_string_literal: true

module Munimen
  module Work
    # Finds the order of operations with the least total time: best-first search over (state, goals left,
    # waits running), guided by the time that what is left must take at least. One person; while a wait
    # runs, whatever does not disturb it may go on.
    #
    # The estimate counts the hands-on time of everything that must still be done, and the part of each
    # wait that nothing left could fill. The first search is exact; where it grows too large another one
    # leans on the estimate, and `bounded` tells that the optimum was not proved.
    class Search
      # Weight of the estimate, and how many states may be looked at with it.
      PASSES = [[1, 900], [4, 900]].freeze

      Node = Struct.new(:state, :goals, :running, :cost, :parent, :op, :started)
      Move = Struct.new(:op, :start)

      attr_reader :expanded, :bounded

      def initialize(compiled, running: [])
        @compiled = compiled
        @start = Node.new(compiled.start, compiled.goal_mask, running, 0)
        @estimates = {}
        @useful = {}
        @expanded = 0
      end

      # [[Move, …], total seconds], or nil when there is no order that does it all.
      def call
        PASSES.each_with_index do |(weight, limit), index|
          @bounded = index.positive?
          found = pass_with(weight, limit)
          return found unless found == :too_many
        end
        nil
      end

      private

      # [moves, seconds], nil when all has been tried, or :too_many.
      def pass_with(weight, limit)
        @open = {}
        @seen = {}
        @weight = weight
        count = 0
        push(@start)
        until @open.empty?
          node = pop
          return [moves(node), node.cost + (node.running.map(&:seconds).max || 0)] if node.goals.zero?
          next if (@seen[key(node)] || Float::INFINITY) < node.cost
          return :too_many if (count += 1) > limit

          @expanded += 1
          expand(node)
        end
        nil
      end

      # A bucket for each whole second of estimate; within it the newest goes first.
      def push(node)
        rest = estimate(node) or return
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

      def key(node) = [node.state, node.goals, node.running.map { |wait| [wait.index, wait.seconds] }]

      def successors(node)
        found = possible(node).filter_map { |op| apply(node, op) unless told_before?(node, op) }
        place = node.op&.operation&.place
        found = found.partition { |child| child.op.operation.place == place }.flatten if place
        found << sit_out(node) unless node.running.empty?
        found
      end

      # What can be done next. Where something must come at once, only that, or what calls for it again.
      def possible(node)
        able = @compiled.ops.select { |op| possible?(node, op) }
        urgent = able.select { |op| op.operation.at_once? }
        return able if urgent.empty?

        able.select { |op| urgent.include?(op) || urgent.any? { |first| first.needs.any? { |mask| mask.anybits?(op.set) && op.goal != 0 } } }
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
        goals = node.goals & ~op.goal
        Node.new(state, goals, running, node.cost + op.seconds, node, op, node.cost) unless round_trip?(node, state, goals)
      end

      # Of two neighbours that commute only the one order is followed that goes with the walk: the other was,
      # or will be, looked at from the node before.
      def told_before?(node, op)
        last = node.op
        return false unless last && op.index < last.index && node.parent.running.size == node.running.size && @compiled.commute?(op, last)

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
        required, choices = @estimates.fetch(name) { @estimates[name] = required(node) }
        return unless required

        required.sum(&:seconds) + choices + waits(node, required).sum { |wait, seconds| [seconds - fillable(required, wait) - choices, 0].max }
      end

      def waits(node, required)
        node.running.map { |wait| [wait, wait.seconds] } +
          required.filter_map { |op| [op.wait, op.wait.seconds] if op.wait && useful?(op, node.goals) }
      end

      # Everything that must still be done: the goals, and for each need not met the only operation that can
      # make it true; where several can, the quickest counts, and what all of them need is needed. Returns
      # [operations, seconds of the quickest ones], or nil when a need can never be met.
      def required(node)
        made = node.running.reduce(node.state) { |bits, wait| bits | wait.set }
        list = @compiled.ops.select { |op| op.goal.anybits?(node.goals) }
        listed = list.reduce(0) { |mask, op| mask | (1 << op.index) }
        choices = []
        needs = list.flat_map(&:needs)
        while (mask = needs.shift)
          next if made.anybits?(mask)

          makers = @compiled.achievers(mask)
          return nil if makers.empty?

          either = makers.reduce(0) { |bits, op| bits | (1 << op.index) }
          next if listed.anybits?(either)

          listed |= either
          makers.size == 1 ? list << makers.first : choices << makers
          needs.concat(makers.size == 1 ? makers.first.needs : makers.map(&:needs).reduce(:&))
        end
        [list, choices.sum { |makers| makers.map(&:seconds).min }]
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
