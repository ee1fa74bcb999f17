# frozen_string_literal: true

module Munimen
  class Visit
    # Carbon monoxide over carbon dioxide in the flue: how well a burner burns, whatever air goes
    # with it. The maker's limit goes before the rulebook's, which is a ratio, or CO without the air
    # in the flue gas: the same, over the CO2 that a fuel makes when there is none left over.
    # Handbook §25.
    class Combustion
      # CO2 without excess air, as a share of the dry flue gas: natural gas 12.0 %, propane 13.8 %,
      # butane 14.1 % (combustion tables; from memory). Of an unknown fuel the largest, which is
      # the stricter.
      ULTIMATE = { natural_gas: 0.120, lp: 0.138, butane: 0.141 }.tap do |shares|
        shares.default = shares.values.max
      end.freeze

      # Below this share of CO2 the probe is outside the gases, and the ratio says nothing.
      LEAST = 0.01

      # nil where it was not measured.
      def self.of(visit)
        co = visit.quantity(:flue_co)
        co2 = visit.quantity(:flue_co2)
        new(co, co2, visit) if co && co2
      end

      # co, co2: Quantity; limit: share, or nil where none is known; rule: the Limit that it
      # comes from, or nil.
      attr_reader :co, :co2, :limit, :rule

      def initialize(co, co2, visit)
        @co = co
        @co2 = co2
        @makers = visit.quantity(:combustion_limit)&.si
        @rule = %i[combustion_ratio co_air_free].filter_map { |id| visit.rules.limit(id) }.first
        @limit = @makers || share(visit.heater.fuel)
      end

      def makers? = !@makers.nil?
      def told? = co2.si >= LEAST
      def ratio = co.si / co2.si
      # Whether it is known to be above its limit.
      def above? = told? && !limit.nil? && ratio > limit

      private

      def share(fuel)
        return unless @rule

        @rule.id == :co_air_free ? @rule.at_most.si / ULTIMATE[fuel] : @rule.at_most.si
      end
    end
  end
end
