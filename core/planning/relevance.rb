# frozen_string_literal: true

module Munimen
  module Planning
    # Which operations can matter for some goals from a state: those that make a value that a
    # goal, or something that matters already, needs and that does not hold – or holds, but is
    # broken on the way.
    class Relevance
      # terms: Work::Terms. state: where it starts.
      def initialize(terms, state)
        @terms = terms
        @space = terms.space
        @state = state
        @makes = {}
      end

      # Those of some operations that matter for the goals, as ids.
      def among(operations, goals)
        relevant = goals.map { |id| Work::Operation[id] }
        rest = operations.reject { |operation| goals.include?(operation.id) }
        found = relevant
        until found.empty?
          wanted = wanted(relevant)
          found, rest = rest.partition do |operation|
            offers(operation).any? { |name, values| wanted[name]&.intersect?(values) }
          end
          relevant += found
        end
        relevant.map(&:id) - goals
      end

      private

      # variable => values that something needs and that do not simply hold.
      def wanted(relevant)
        broken =
          relevant
            .flat_map { |operation| makes(operation).to_a }
            .each_with_object({}) { |(name, values), all| (all[name] ||= []).concat(values) }
        relevant.each_with_object({}) do |operation, all|
          needs(operation).each do |name, values|
            next if values.include?(@state[name]) && ((broken[name] || []) - values).empty?

            (all[name] ||= []).concat(values)
          end
        end
      end

      def offers(operation)
        operation.serves ? makes(operation).slice(*operation.serves) : makes(operation)
      end

      def needs(operation) = @terms.needs(operation)

      def makes(operation)
        @makes[operation.id] ||= @terms
          .makes(operation)
          .merge(@space.expand(operation.wait&.makes || {})) { |_, one, other| one | other }
      end
    end
  end
end
