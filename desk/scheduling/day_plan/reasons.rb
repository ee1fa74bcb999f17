# frozen_string_literal: true

module Munimen
  module Desk
    class DayPlan
      # Why a visit stands where it stands.
      class Reasons
        def initialize(leg, round, units)
          @leg = leg
          @units = units
          @stop = leg.stop
          @round = round
        end

        # [text, …]
        def list
          [
            ("is under way and cannot be left as it stands" if @stop.pinned),
            ("a danger is open there" if @stop.urgent),
            window,
            trade,
            near
          ].compact
        end

        private

        def window
          return unless @stop.window

          from, to = @stop.window.map { |time| Day.clock(time, @units) }
          Message.of("promised between {from} and {to}", from:, to:)
        end

        def trade
          return unless @stop.trades.any? && (@stop.trades - @round.trades).empty?

          Message.of("needs {trades}, held here", trades: @stop.trades.join(", "))
        end

        def near
          close = Day::Travel::PARK + (NEAR * Day::Travel::ROADS / Day::Travel::SPEED)
          return unless @stop.place && @leg.drive.positive? && @leg.drive <= close

          Message.of("{drive} min from the one before", drive: (@leg.drive / 60).round)
        end
      end
    end
  end
end
