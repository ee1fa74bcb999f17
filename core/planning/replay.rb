# frozen_string_literal: true

module Munimen
  module Planning
    # An order of operations played from a visit's present state, each as soon as it can be, waits
    # running out by the clock.
    #
    #   moves, total = Replay.new(visit).of(operations) # nil where one of them cannot be done
    class Replay
      Running = Struct.new(:operation, :seconds)

      def initialize(visit)
        @visit = visit
        @terms = visit.terms
        @space = @terms.space
      end

      # operations: [Work::Operation]. Returns [[PlanWriter::Move], seconds in all], or nil.
      def of(operations)
        start
        moves = operations.map do |operation|
          return nil unless comes?(operation)

          PlanWriter::Move.new(operation, @time).tap { perform(operation) }
        end
        [moves, @time + (@running.map(&:seconds).max || 0)]
      end

      private

      def start
        @state = @visit.state.dup
        @time = 0
        @running = @visit.running_waits.map do |wait|
          Running.new(Work::Operation[wait.operation], wait.seconds_left)
        end
      end

      # Lets time pass until an operation can be done; false when it never can.
      def comes?(operation)
        until possible?(operation)
          return false if @running.empty?

          pass(@running.map(&:seconds).min)
        end
        true
      end

      def possible?(operation)
        return false unless @terms.unmet(operation, @state).empty?

        after = @state.merge(made(operation)).merge(values(operation.makes_during))
        @running.none? do |wait|
          wait.operation.id == operation.id ||
            !@space.unmet(wait.operation.wait.holds, after).empty?
        end
      end

      def perform(operation)
        wait = operation.wait
        seconds = wait&.seconds&.call(@visit.heater, @state[:level])
        attended = wait && wait.manner == :attended
        @state.merge!(made(operation))
        @state.merge!(values(wait.makes)) if attended
        pass(operation.hands_on + (attended ? seconds : 0))
        @running += [Running.new(operation, seconds)] if wait && !attended
      end

      def pass(seconds)
        over, left = @running.partition { |wait| wait.seconds <= seconds }
        over.each { |wait| @state.merge!(values(wait.operation.wait.makes)) }
        @running = left.map { |wait| Running.new(wait.operation, wait.seconds - seconds) }
        @time += seconds
      end

      def made(operation) = @terms.makes(operation).transform_values(&:first)
      def values(effects) = @space.expand(effects).transform_values(&:first)
    end
  end
end
