# frozen_string_literal: true

module Munimen
  module Planning
    # Makes a Plan of an order of operations: steps with their waits, and why each is there.
    class PlanWriter
      # An operation and the second at which it begins.
      Move = Struct.new(:operation, :start)

      def initialize(visit)
        @visit = visit
        @space = Work::StateSpace.new(visit.heater)
      end

      # moves: [Move] in order. goals: ids asked for. more: what else a Plan has.
      def plan(moves, goals:, **more) = Plan.new(steps: steps(moves, goals), **more)

      private

      def steps(moves, goals)
        reasons = Reasons.new(@space, @visit, moves.map(&:operation), goals)
        level = @visit.state[:level]
        moves.each_with_index.map do |move, index|
          operation = move.operation
          before = level
          level = after(operation, level)
          Plan::Step.new(
            operation:,
            start: move.start,
            hands_on: operation.hands_on,
            why: reasons.for(index),
            wait: wait(operation, move.start, before)
          )
        end
      end

      # The level of the tank once an operation, and its wait, is over.
      def after(operation, level)
        operation.wait&.makes&.fetch(:level, nil) || operation.makes.fetch(:level, level)
      end

      def wait(operation, start, level)
        wait = operation.wait or return
        Plan::Wait.new(
          seconds: wait.seconds.call(@visit.heater, level),
          manner: wait.manner,
          label: wait.label,
          start: start + operation.hands_on
        )
      end
    end
  end
end
