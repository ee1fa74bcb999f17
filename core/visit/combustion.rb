# frozen_string_literal: true

module Munimen
  class Visit
    # Carbon monoxide over carbon dioxide in the flue: how well a burner burns, whatever air goes
    # with it. The maker's limit goes before the rulebook's. Handbook §25.
    class Combustion
      # Below this share of CO2 the probe is outside the gases, and the ratio says nothing.
      LEAST = 0.01

      # nil where it was not measured.
      def self.of(visit)
        co = visit.quantity(:flue_co)
        co2 = visit.quantity(:flue_co2)
        new(co, co2, visit) if co && co2
      end

      # co, co2: Quantity; limit: share, or nil where none is known.
      attr_reader :co, :co2, :limit

      def initialize(co, co2, visit)
        @co = co
        @co2 = co2
        @makers = visit.quantity(:combustion_limit)&.si
        @limit = @makers || (visit.rules.book[:combustion_ratio] &&
                             visit.rules.limit(:combustion_ratio).at_most.si)
      end

      def makers? = !@makers.nil?
      def told? = co2.si >= LEAST
      def ratio = co.si / co2.si
      # Whether it is known to be above its limit.
      def above? = told? && !limit.nil? && ratio > limit
    end
  end
end
