# frozen_string_literal: true

module Munimen
  module Planning
    # Why each step of an order is there: asked for, or the first later step whose need it makes
    # true.
    class Reasons
      include Saying

      def initialize(space, visit, operations, goals)
        @space = space
        @visit = visit
        @operations = operations
        @goals = goals
      end

      # Text for the step at an index.
      def for(index)
        operation = @operations[index]
        return operation.because if @goals.include?(operation.id)

        made = @visit.terms.makes(operation)
                     .merge(@space.expand(operation.wait&.makes || {}))
        @operations[(index + 1)..].each do |later|
          @visit.terms.needs(later).each do |name, values|
            next unless made.key?(name) && values.intersect?(made[name])

            return msg("“{later}” needs it: {need}. {because}",
                       later: later.title, need: Work::StateWords.need(name, values),
                       because: operation.because)
          end
        end
        operation.because
      end
    end
  end
end
