# frozen_string_literal: true

module Munimen
  module Planning
    # An order of work: steps with start, length and the reason each is there; what cannot be done
    # and why; and the whole time. Times in seconds from now.
    class Plan
      Step = Struct.new(:operation, :start, :hands_on, :wait, :why, keyword_init: true) do
        def finish = start + hands_on
      end
      Wait = Struct.new(:seconds, :manner, :label, :start, keyword_init: true) do
        def finish = start + seconds
      end
      # by: :danger where a danger, or leaving for one, is why; nobody has to say so again.
      Left = Struct.new(:operation, :because, :by, keyword_init: true)

      attr_reader :steps, :impossible, :superfluous, :total, :at_least

      # total: its seconds; at_least: the seconds that any order takes at least.
      def initialize(steps:, impossible:, superfluous:, total:, at_least: total)
        @steps = steps
        @impossible = impossible
        @superfluous = superfluous
        @total = total
        @at_least = at_least
        freeze
      end

      # Whether it is not proved that no order is shorter.
      def bounded? = at_least < total
      def hands_on = steps.sum(&:hands_on)
    end
  end
end
