# frozen_string_literal: true

module Munimen
  module Work
    # An order of work: steps with start, length and the reason each is there; what cannot be done and
    # why; and the whole time. Times in seconds from now.
    class Plan
      Step = Struct.new(:operation, :start, :hands_on, :wait, :why, keyword_init: true) do
        def finish = start + hands_on
      end
      Wait = Struct.new(:seconds, :manner, :label, :start, keyword_init: true) do
        def finish = start + seconds
      end
      Left = Struct.new(:operation, :because, keyword_init: true)

      attr_reader :steps, :impossible, :superfluous, :total, :bounded, :expanded

      def initialize(steps:, impossible:, superfluous:, total:, bounded: false, expanded: 0)
        @steps = steps
        @impossible = impossible
        @superfluous = superfluous
        @total = total
        @bounded = bounded
        @expanded = expanded
        freeze
      end

      def hands_on = steps.sum(&:hands_on)
    end
  end
end
