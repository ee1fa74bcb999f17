# frozen_string_literal: true

module Munimen
  module Work
    # Takes idle steps out of an order of moves: helpers without which every other step still finds what it
    # needs – one alone, or two that undo each other. Times stay as they were; what is left waits.
    class Tidy
      REACH = 10 # steps between two that undo each other

      # space: StateSpace. rules: in force. state: where the order starts. goals: ids that must stay.
      def initialize(space, rules, state, goals)
        @space = space
        @rules = rules
        @state = state
        @goals = goals
        @needs = {}
        @effects = {}
      end

      # The moves that are left.
      def of(moves)
        index = 0
        while index < moves.size
          shorter = without(moves, index)
          shorter ? moves = shorter : index += 1
        end
        moves
      end

      private

      def without(moves, index)
        return if goal?(moves[index])

        alone = moves[0, index] + moves[(index + 1)..]
        return alone if works?(alone)

        ((index + 1)..[index + REACH, moves.size - 1].min).each do |other|
          next if goal?(moves[other])

          both = moves[0, index] + moves[(index + 1)...other] + moves[(other + 1)..]
          return both if works?(both)
        end
        nil
      end

      def goal?(move) = @goals.include?(move.op.id)

      # Whether each step finds its needs met; a wait is taken to be over when the next step that needs it
      # comes.
      def works?(moves)
        state = @state.dup
        moves.all? do |move|
          met = needs(move).all? { |name, values| values.include?(state[name]) }
          effects(move).each { |name, value| state[name] = value }
          met
        end
      end

      def needs(move) = @needs[move.op.id] ||= @space.expand(move.op.operation.needs_under(@rules))

      def effects(move)
        operation = move.op.operation
        @effects[operation.id] ||= [operation.makes, operation.wait&.makes || {}].flat_map { |effects| @space.expand(effects).map { |name, values| [name, values.first] } }.to_h
      end
    end
  end
end
