# frozen_string_literal: true

module Munimen
  module Training
    # What would have happened, had somebody gone on with what is never done as things stood:
    # played on the rig. Declared in core/training/consequences/, the first that fits tells it.
    #
    #   Consequence.of(operation, [:level], exercise) # => "The element glows after 20 s: …"
    class Consequence
      @all = {}
      class << self
        # unmet: the needs that it is about; the block gets the exercise and the operation, and
        # gives a text, or nil where there is nothing to play.
        def define(id, unmet:, &block) = @all[id] = new(unmet, block)
        attr_reader :all

        def of(operation, needs, exercise)
          @all.each_value do |one|
            text = one.about?(needs) && one.play(exercise, operation)
            return text if text
          end
          "It was refused, and nothing came of it."
        end
      end

      def initialize(unmet, block)
        @unmet = unmet
        @block = block
      end

      def about?(needs) = needs.any? { |name| @unmet.include?(name.to_s.split(".").first.to_sym) }
      def play(exercise, operation) = @block.call(exercise, operation)
    end
  end
end
