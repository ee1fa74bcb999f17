# frozen_string_literal: true

module Munimen
  module Planning
    # Takes idle steps out of an order of moves: helpers without which every step that is asked for
    # still finds what it needs – one with all that then lose their needs, however many (action
    # elimination: Nakhost & Müller 2010), or two that undo each other. Times stay as they were;
    # what is left waits.
    class RedundantStepRemover
      REACH = 10 # steps between two that undo each other

      # terms: Work::Terms. state: where the order starts. goals: ids that must stay.
      def initialize(terms, state, goals)
        @terms = terms
        @space = terms.space
        @state = state
        @goals = goals
        @needs = {}
        @effects = {}
      end

      # The moves that are left.
      def of(moves)
        without_idle(at_once(without_idle(moves)))
      end

      private

      # What is done by halves and then whole is done whole at once: OFF instead of PILOT, then OFF.
      def at_once(moves)
        moves.each_index do |index|
          next if goal?(moves[index])

          later = moves[(index + 1)..].find { |other| goes_further?(moves[index], other) } or next
          rest = moves.reject { |move| move.equal?(later) }
          rest[index] = Search::Move.new(later.op, moves[index].start)
          return at_once(rest) if carried_out?(rest)
        end
        moves
      end

      def goes_further?(move, other)
        return false if goal?(other) || move.op.id == other.op.id

        sets = effects(other)
        effects(move).keys.all? { |name| sets.key?(name) } && sets.size > effects(move).size
      end

      # Whether each step finds its needs met.
      def carried_out?(moves)
        state = @state.dup
        moves.all? do |move|
          met = needs(move).all? { |name, values| values.include?(state[name]) }
          state.merge!(effects(move))
          met
        end
      end

      def without_idle(moves)
        index = 0
        before = states(moves)
        while index < moves.size
          shorter = without(moves, index, before)
          shorter ? before = states(moves = shorter) : index += 1
        end
        moves
      end

      # The state before each move; a wait is taken to be over when the next step comes.
      def states(moves)
        state = @state.dup
        moves.map { |move| state.dup.tap { state.merge!(effects(move)) } }
      end

      def without(moves, index, before)
        return if goal?(moves[index])

        gone = eliminated(moves, before, index)
        return moves.reject.with_index { |_, at| gone[at] } if gone

        other = ((index + 1)..[index + REACH, moves.size - 1].min).find do |candidate|
          !goal?(moves[candidate]) && works?(moves, before, index, candidate)
        end
        moves.reject.with_index { |_, at| [index, other].include?(at) } if other
      end

      def goal?(move) = @goals.include?(move.op.id)

      # One step and those that lose their needs without it, {place => true}; nil where one of them
      # has to stay.
      def eliminated(moves, before, index)
        gone = {}
        differs = {}
        (index...moves.size).each do |at|
          return gone if gone.any? && differs.empty?

          if at != index && met?(needs(moves[at]), differs)
            effects(moves[at]).each_key { |name| differs.delete(name) }
            next
          end
          return nil if goal?(moves[at])

          gone[at] = true
          stays(differs, effects(moves[at]), before[at])
        end
        gone
      end

      # Whether each step still finds its needs met without two of them (or one, given twice).
      # Followed is only what then differs from the order as it was: once nothing does, nothing
      # will.
      def works?(moves, before, one, other)
        differs = {}
        (one...moves.size).each do |at|
          return true if at > other && differs.empty?

          removed = at == one || at == other
          return false unless removed || met?(needs(moves[at]), differs)

          if removed
            stays(differs, effects(moves[at]), before[at])
          else
            effects(moves[at]).each_key { |name| differs.delete(name) }
          end
        end
        true
      end

      def met?(needs, differs)
        differs.all? { |name, value| needs[name].nil? || needs[name].include?(value) }
      end

      # A move that is taken out changes nothing: what it would have set stays as it is.
      def stays(differs, effects, before)
        effects.each do |name, value|
          held = differs.fetch(name, before[name])
          held == value ? differs.delete(name) : differs[name] = held
        end
      end

      def needs(move)
        @needs[move.op.id] ||= @terms.needs(move.op.operation)
      end

      def effects(move)
        operation = move.op.operation
        @effects[operation.id] ||= [
          @terms.makes(operation),
          @space.expand(operation.wait&.makes || {})
        ].flat_map { |effects| effects.map { |name, values| [name, values.first] } }
          .to_h
      end
    end
  end
end
