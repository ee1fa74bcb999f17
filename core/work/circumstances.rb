# frozen_string_literal: true

module Munimen
  module Work
    # What the work asked for, and what may be done, makes of a house rule on one visit; operations
    # say what they need then (`needs_when`).
    module Circumstances
      ALL = {
        # air for draining goes in through the relief valve
        by_lever: DrainPolicy.method(:by_lever?),
        # the relief valve is exercised while the tank is flushed
        with_flush: ReliefPolicy.method(:with_flush?)
      }.freeze

      # Ids of those that a visit is in.
      def self.of(visit) = ALL.select { |_, question| question.call(visit) }.keys
    end
  end
end
