# frozen_string_literal: true

module Munimen
  module Trends
    # A quantity that is followed from visit to visit. Declared in core/trends/lines/.
    #
    #   Line.define :charge do
    #     title "{Vessel}'s charge"
    #     kind :pressure
    #     part :vessel
    #     error 2, "psi"
    #     value { |visit| … }        # as found, a Quantity, or nil
    #     left { |visit| … }         # as left, where the visit has set it
    #     restarts :replace_vessel   # operations after which a new line begins
    #     limit { |visit| … }        # a Limit as it held then, or nil
    #   end
    class Line
      include Saying

      @all = {}
      class << self
        def define(id, &block) = @all[id] = new(id).tap { |line| line.instance_eval(&block) }
        def all = @all.values
        def [](id) = @all.fetch(id)
      end

      attr_reader :id, :reading_error

      def initialize(id)
        @id = id
        @restarts = []
        @limit = @left = ->(_) {}
      end

      # -- declaration --------------------
      def title(text = nil) = text ? @title = text : @title
      def kind(id = nil) = id ? @kind = id : @kind
      # The part of the heater that it tells of.
      def part(id = nil) = id ? @part = id : @part
      # What follows of the last point: gets its Quantity, gives a sentence or nil.
      def follows(&block) = block ? @follows = block : @follows

      # How far a single reading may be out, as people read it.
      def error(number, unit)
        @reading_error = Measure::Unit[unit].then { |known| known.to_si(number) - known.to_si(0) }
      end

      def restarts(*operations) = @restarts = operations

      %i[value left limit].each do |name|
        define_method(name) { |&block| instance_variable_set(:"@#{name}", block) }
      end

      # Said as a share of what it was, as well as in its unit.
      def in_shares = @in_shares = true
      def in_shares? = @in_shares || false

      # -- use --------------------
      def found(visit) = @value.call(visit)
      def set(visit) = @left.call(visit)
      def bound(visit) = @limit.call(visit)

      def restarted?(visit)
        @restarts.any? do |operation|
          visit.standing.any? { |step| step.operation == operation && step.outcome == :done }
        end
      end
    end
  end
end
