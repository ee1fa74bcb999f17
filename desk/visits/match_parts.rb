# frozen_string_literal: true

module Munimen
  module Desk
    # Which parts of the catalogue fit the heater of a visit, criterion by criterion; and the
    # catalogue itself.
    class MatchParts
      SHOWN = 6

      def initialize(context) = @context = context

      # {kind:, title:, claim_first:, card: what a new one must be, fields: what is read off the
      # one in the hand, held: how that answers, or nil; matches: [{name:, price:, fits:,
      # criteria: […]}]}. held: {column => as typed} of a part in the hand. Raises Error naming the
      # column.
      def call(visit_id, kind, held: {})
        visit = @context.records.visits.load(visit_id, now: @context.now)
        @words = visit.words
        @units = visit.units
        known = Parts::Kind[kind]
        {
          kind: known.id,
          title: @words.say(known.title),
          asks: asks(known, visit),
          claim_first: Heater::Warranty.claim_first(visit.heater, on: visit.date),
          card: known.match({}, known.wanted(visit)).map { |one| criterion(one) },
          fields: known.columns.map { |name, type| { name:, text: label(name), unit: unit(type) } },
          held: in_hand(known, visit, held),
          matches: catalogue.matches(kind, visit).first(SHOWN).map { |match| match(match) }
        }
      end

      # Parts::Catalogue::Match of what of the firm's list fits best, or nil.
      def best(kind, visit) = catalogue.matches(kind, visit).first

      # The kinds of parts that the heater of a visit has: [{id:, title:}].
      def kinds(visit_id)
        visit = @context.records.visits.load(visit_id, now: @context.now)
        Parts::Kind.all.select { |kind| kind.of?(visit.heater) }
                       .map { |kind| { id: kind.id, title: visit.words.say(kind.title) } }
      end

      # Keeps the firm's own catalogue; an empty text takes it away.
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
          csv: own || Formats::PartsCsv::HEAD
        }
      end

      private

      # The firm's own; empty where it has none, and away from the office.
      def catalogue
        own = @context.records.settings[:parts]
        own ? Formats::PartsCsv.read(own) : Parts::Catalogue.new([])
      end

      # The part that somebody holds in the hand, or nil where nothing was read off it.
      def in_hand(kind, visit, typed)
        said = kind.read(typed, units: @units)
        return if said.empty?

        part = Parts::Catalogue::Part.new(kind.id, "", "", "", said)
        match(Parts::Catalogue::Match.new(part, kind.match(part, kind.wanted(visit))))
      end

      def match(match)
        { name: match.part.name.strip, price: match.part.price, fits: match.fits?,
          criteria: match.criteria.map { |one| criterion(one) } }
      end

      def criterion(one)
        { name: label(one.name), fits: one.fits, offered: say(one.offered),
          wanted: say(one.wanted), rule: @words.say(one.rule), grade: one.grade,
          picture: picture(one) }
      end

      def label(name) = name.to_s.tr("_", " ")
      def unit(type) = type == :text ? nil : Measure::Kind[type].unit(@units).label

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
