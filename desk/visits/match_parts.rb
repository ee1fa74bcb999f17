# frozen_string_literal: true

module Munimen
  module Desk
    # Which parts of the catalogue fit the heater of a visit, criterion by criterion; and the
    # catalogue itself.
    class MatchParts
      SHOWN = 6

      def initialize(context) = @context = context

      # {kind:, title:, claim_first:, matches: [{name:, price:, fits:, criteria: […]}]}
      def call(visit_id, kind)
        visit = @context.records.visits.load(visit_id, now: @context.now)
        @words = visit.words
        @units = visit.units
        known = Parts::Kind[kind]
        {
          kind: known.id,
          title: @words.say(known.title),
          asks: asks(known, visit),
          claim_first: Heater::Warranty.claim_first(visit.heater, on: visit.date),
          matches: catalogue.matches(kind, visit).first(SHOWN).map { |match| match(match) }
        }
      end

      # Puts the firm's own catalogue in place of the one that ships; an empty text takes it back.
      def replace(csv)
        @context.may!(:parts)
        text = csv.to_s.strip
        Formats::PartsCsv.read(text) unless text.empty?
        @context.records.settings[:parts] = text.empty? ? nil : text
      end

      # {own: Boolean, count: parts, csv: text}
      def catalogue_text
        own = @context.records.settings[:parts]
        {
          own: !own.nil?,
          count: catalogue.parts.size,
          csv: own || File.read(Formats::PartsCsv::SHIPPED)
        }
      end

      private

      def catalogue = Formats::PartsCsv.catalogue(@context.records.settings[:parts])

      def match(match)
        { name: match.part.name, price: match.part.price, fits: match.fits?,
          criteria: match.criteria.map do |one|
            {
              name: one.name.to_s.tr("_", " "),
              fits: one.fits,
              offered: say(one.offered),
              wanted: say(one.wanted),
              rule: @words.say(one.rule),
              grade: one.grade,
              picture: picture(one)
            }
          end }
      end

      def asks(kind, visit) = kind.asks&.merge(chosen: visit.decision(kind.asks[:name])&.to_s)
      def say(value) = value.is_a?(Measure::Quantity) ? value.format(@units) : value

      # How far what is offered reaches against what is wanted, 0 to 1 of the larger, where both
      # are amounts.
      def picture(one)
        return unless [one.offered, one.wanted].all?(Measure::Quantity)

        most = [one.offered.si, one.wanted.si].max
        return unless most.positive?

        { offered: (one.offered.si / most).round(3), wanted: (one.wanted.si / most).round(3) }
      end
    end
  end
end
