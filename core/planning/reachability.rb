# frozen_string_literal: true

module Munimen
  module Planning
    # Which values each variable can take at all, from the present state, by some operations in
    # whatever order; and so which goal can never be done.
    class Reachability
      # operations: those that may be used. state: {variable => value}. terms: Work::Terms.
      def initialize(terms, state, operations)
        @terms = terms
        @space = terms.space
        @values = grown(state.transform_values { |value| [value] }, operations)
      end

      # The first of some goals with a need that nothing can make true; where each could be met by
      # itself but not together, the last that could best be spared.
      def hopeless(goals)
        goals.find { |id| !open_needs(id).empty? } || spared(goals) || goals.last
      end

      # Text of what stands in the way of an operation.
      def blocking(id)
        unmet = open_needs(id)
        return "its needs stand in each other's way" if unmet.empty?

        unmet.map { |name, values| Work::StateWords.need(name, values) }.join(", ")
      end

      # {variable => [values]} that an operation needs and nothing can bring about.
      def open_needs(id)
        needs(Work::Operation[id]).reject { |name, values| values.intersect?(@values.fetch(name)) }
      end

      private

      # What puts no danger right, nor proves any work; first what wants heat or power for it.
      def spared(goals)
        free = goals.reject { |id| Work::Operation[id].last? }
        owed = goals.flat_map { |id| Work::Operation[id].owed(@terms.rules) }
        others = (free - owed).reject do |id|
          @terms.hazards.any? { |one| one.cleared_by.include?(id) || @terms.mends?(id, one) }
        end
        others.reverse.find { |id| Work::Operation[id].energised? } || others.last || free.last
      end

      def needs(operation) = @terms.needs(operation)

      # Adds what each possible operation makes, until nothing new comes.
      def grown(values, operations)
        loop do
          before = values.sum { |_, list| list.size }
          operations.each { |operation| add(values, operation) if possible?(values, operation) }
          return values if values.sum { |_, list| list.size } == before
        end
      end

      def possible?(values, operation)
        needs(operation).all? { |name, wanted| wanted.intersect?(values.fetch(name)) }
      end

      def add(values, operation)
        [@terms.makes(operation), @space.expand(operation.wait&.makes || {})].each do |made|
          made.each { |name, list| values[name] |= list }
        end
      end
    end
  end
end
