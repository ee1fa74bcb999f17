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
          @stop.window &&
            "promised between #{@stop.window.map { |time| Day.clock(time, @units) }.join(" and ")}"
        end

        def trade
          return unless @stop.trades.any? && (@stop.trades - @round.trades).empty?

          "needs #{@stop.trades.join(" and ")}, held here"
        end

        def near
          close = Day::Travel::PARK + (NEAR * Day::Travel::ROADS / Day::Travel::SPEED)
          return unless @stop.place && @leg.drive.positive? && @leg.drive <= close

          "#{(@leg.drive / 60).round} min from the one before"
        end
      end
    end
  end
end
