# frozen_string_literal: true

module Munimen
  module Trends
    # One line of a heater over its visits: the points with the limits as they were, in pieces
    # between what was done; what it loses or gains in a year, with how far that may be out; and
    # when it comes to its limit.
    #
    #   Trend.new(Line[:charge], visits).text(:us) # => "Loses 4 psi a year (± 1)."
    class Trend
      include Saying

      COMES = "Comes to {bound} about {likely} ({earliest} to {latest})."
      COME = "Will have come to {bound} about {likely} ({earliest} to {latest}): look again now."

      Point = Struct.new(:on, :quantity, :limit, :piece, :left, keyword_init: true)
      Forecast = Struct.new(:earliest, :likely, :latest, :bound, keyword_init: true)

      YEAR = 365.25
      SURE = 1.5    # times its own uncertainty that a change must be, to be told
      FARTHEST = 20 # years ahead that are told

      attr_reader :line, :points

      # visits: [Visit] in order of time.
      def initialize(line, visits)
        @line = line
        @points = gather(visits)
      end

      def empty? = points.none? { |point| !point.left }

      # Physics::RobustLine::Found in SI and years, or nil.
      def change
        @change ||= begin
          start = points.first&.on
          pieces =
            points
              .group_by(&:piece)
              .values
              .map { |piece| piece.map { |point| [(point.on - start) / YEAR, point.quantity.si] } }
          Physics::RobustLine.of(pieces, error: line.reading_error) unless pieces.empty?
        end
      end

      # Whether the change is more than the readings may be out.
      def told? = change && change.slope.abs > SURE * change.within

      # The points that stand apart from the line: read again.
      def apart
        return [] unless change

        start = points.first.on
        points.select do |point|
          change.apart.any? do |x, y|
            (((point.on - start) / YEAR) - x).abs < 1e-9 && (point.quantity.si - y).abs < 1e-9
          end
        end
      end

      # When it comes to the limit that it moves towards, or nil.
      def forecast
        return unless told? && (bound = nearest)

        years = ->(slope) { (bound.si - change.now) / slope }
        likely = years[change.slope]
        return unless likely.between?(0, FARTHEST)

        fast, slow =
          [change.slope.abs + change.within, change.slope.abs - change.within].map do |speed|
            years[speed * (change.slope <=> 0)]
          end
        Forecast.new(
          earliest: day(fast),
          likely: day(likely),
          latest: day([slow, FARTHEST * 2].min),
          bound:
        )
      end

      # What the numbers say, in one or two sentences; what lies before `today` is told as past.
      def text(units, today: nil)
        [*changes(units, today), line.follows&.call(points.last.quantity)].compact.join(" ")
      end

      private

      def changes(units, today)
        if change.nil?
          return [points.one? ? "One reading so far." : "Too few readings between what was done."]
        end

        [rate(units), share, coming(units, today), strange(units)]
      end

      def gather(visits)
        piece = 0
        visits.sort_by(&:date).each_with_object([]) do |visit, all|
          found = line.found(visit)
          if found
            all << Point.new(
              on: visit.date,
              quantity: found,
              limit: line.bound(visit),
              piece:,
              left: false
            )
          end
          set = line.set(visit)
          piece += 1 if set || line.restarted?(visit)
          next unless set

          all << Point.new(
            on: visit.date,
            quantity: set,
            limit: line.bound(visit),
            piece:,
            left: true
          )
        end
      end

      # The bound of the last limit that the line moves towards.
      def nearest
        limit = points.reverse.filter_map(&:limit).first or return
        change.slope.positive? ? limit.at_most : limit.at_least
      end

      def day(years) = points.last.on + (years * YEAR).round

      def rate(units)
        return "No change that the readings could show." unless told?

        msg(change.slope.negative? ? "Loses {much} a year (± {within})." : "Gains {much} a year " \
          "(± {within}).",
            much: size(change.slope.abs, units), within: size(change.within, units).split.first)
      end

      # "6 % up since 2023", of the line that goes on now.
      def share
        return unless line.in_shares? && told?

        first = points.reverse.take_while { |point| point.piece == points.last.piece }.last
        moved = change.slope * ((points.last.on - first.on) / YEAR)
        percent = (100 * moved / (change.now - moved)).round
        return if percent.zero?

        way = percent.negative? ? "{percent} % down since {year}." : "{percent} % up since {year}."
        msg(way, percent: percent.abs, year: first.on.year)
      end

      def coming(units, today)
        at = forecast or return
        past = today && at.likely < today
        msg(past ? COME : COMES, bound: at.bound.format(units), likely: month(at.likely),
                                 earliest: month(at.earliest), latest: month(at.latest))
      end

      def strange(units)
        return if apart.empty?

        named = apart.map do |point|
          msg("{quantity} on {on}", quantity: point.quantity.format(units), on: point.on.iso8601)
        end
        msg("{readings} stands apart: a wrong reading, or something new. Read it again.",
            readings: Message.join(named, ", "))
      end

      def month(date) = date.strftime("%B %Y")

      # A difference in the words' unit: the size of the unit counts, not its zero.
      def size(si, units)
        kind = Measure::Kind[line.kind]
        unit = kind.unit(units)
        amount = si / (unit.to_si(1) - unit.to_si(0))
        places = amount < 10 ? [kind.places(unit), 1].max : 0
        "#{format("%.#{places}f", amount)} #{unit.label}".strip
      end
    end
  end
end
