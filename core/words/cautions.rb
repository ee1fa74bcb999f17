# frozen_string_literal: true

module Munimen
  class Words
    # One line each, for a tradesperson, shown where it applies.
    module Cautions
      ALL = {
        scald: "Scalding water: keep hands and bystanders clear.",
        stand_aside: "Stand to the side of the outlet, never in front of it.",
        gas_smell: "Gas smell? No flame, no switch: out, and call from outside.",
        co: "Spilling flue gas carries carbon monoxide: ventilate, keep your meter on.",
        starts_by_itself: "It starts by itself, and its fan unannounced: only locked power counts.",
        two_feeds:
          "Electric shock: there may be a second feed. Breaker off and locked, then prove dead.",
        dry_fire: "Never power an element that is not under water.",
        pressure: "Air under pressure: let it out slowly, eyes away from the valve.",
        heavy: "A waterlogged vessel is heavy: support it before you loosen it.",
        hot_flue: "The flue and its hood burn.",
        sharp: "Jacket edges cut.",
        insulation: "Old lagging may hold asbestos: leave it alone.",
        garden: "Hot discharge kills plants and hurts animals: look where it ends.",
        plugged:
          "A heater with a plugged or missing relief valve is never left in service, whoever asks.",
        hydrogen: "Unused for two weeks? Run a hot {tap} first, no flame or switch near it."
      }.freeze

      # Those that only a burner, or only elements, bring with them.
      BURNER = %i[gas_smell co hot_flue].freeze
      ELEMENTS = %i[dry_fire two_feeds].freeze

      # The lines of some cautions that apply to a heater; KeyError for one that is not there.
      def self.lines(ids, heater)
        ids = ids.reject { |id| BURNER.include?(id) && !heater.gas? }
        ids -= ELEMENTS unless heater.fed?
        ids.map { |id| ALL.fetch(id) }
      end
    end
  end
end
