# frozen_string_literal: true

module Munimen
  module Desk
    # What a heater's signed visits say over the years, line by line.
    class ViewTrends
      MOST = 60 # visits that are looked at

      def initialize(context) = @context = context

      # [{id:, title:, part:, unit:, text:, points:, forecast:}]; only lines with a reading.
      def call(heater_id)
        @units = @context.records.heaters.with_place(heater_id)[:book].units
        rows =
          @context
            .records
            .visits
            .of_heater(heater_id)
            .select { |row| row[:status] == "signed" }
            .first(MOST)
        visits = rows.map { |row| @context.records.visits.load(row[:id], now: @context.now) }
        Trends::Line
          .all
          .map { |line| Trends::Trend.new(line, visits) }
          .reject(&:empty?)
          .map { |trend| shown(trend) }
      end

      private

      def shown(trend)
        kind = Measure::Kind[trend.line.kind]
        unit = kind.unit(@units)
        strange = trend.apart
        {
          id: trend.line.id,
          title: Words[@units].say(trend.line.title),
          part: trend.line.part,
          unit: unit.label,
          text: trend.text(@units, today: @context.now.to_date),
          forecast: forecast(trend.forecast),
          points: trend.points.map { |point| point(point, unit, strange) }
        }
      end

      def point(point, unit, strange)
        {
          on: point.on.iso8601,
          value: point.quantity.in(unit).round(4),
          text: point.quantity.format(@units),
          piece: point.piece,
          left: point.left,
          apart: strange.include?(point),
          at_least: bound(point.limit&.at_least, unit),
          at_most: bound(point.limit&.at_most, unit)
        }
      end

      def bound(quantity, unit) = quantity&.in(unit)&.round(4)

      def forecast(forecast)
        forecast &&
          {
            earliest: forecast.earliest.iso8601,
            likely: forecast.likely.iso8601,
            latest: forecast.latest.iso8601
          }
      end
    end
  end
end
