# frozen_string_literal: true

module Munimen
  module Day
    # A round with its stops in an order: when each begins and ends, what is driven and waited,
    # and what breaks.
    class Timetable
      Leg = Struct.new(:stop, :drive, :wait, :start, :leave, :breaks, keyword_init: true)

      LATE = 20.0 # cost of a second past a window or the end of the day, in seconds of driving
      # of a visit that the person may not do, on another day than promised, or left half done; in
      # seconds
      WRONG = 40_000.0

      attr_reader :round, :legs, :driving, :waiting, :cost

      def initialize(round, stops)
        @round = round
        @driving = @waiting = @cost = 0.0
        now = round.starts
        place = round.base
        @legs = stops.each_with_index.map do |stop, index|
          leg = leg(stop, index, rested(now), place)
          now = leg.leave
          place = stop.place || place
          leg
        end
        home(now, place) unless stops.empty?
      end

      def breaks = legs.flat_map(&:breaks)

      private

      def leg(stop, index, now, place)
        drive = stop.pinned && index.zero? ? 0.0 : Travel.seconds(place, stop.place)
        arrive = now + drive
        start = stop.window ? [arrive, stop.window[0]].max : arrive
        @driving += drive
        @waiting += start - arrive
        Leg
          .new(stop:, drive:, wait: start - arrive, start:, leave: start + stop.seconds, breaks: [])
          .tap { |leg| judge(leg, index) }
      end

      # The first time at which nobody is with a customer after the hour of rest has come.
      def rested(now)
        return now if @rested || round.rest.nil? || now < round.rest[0]

        @rested = true
        now + round.rest[1]
      end

      def judge(leg, index)
        stop = leg.stop
        @cost += leg.drive + leg.wait
        if stop.window && leg.start > stop.window[1]
          broken(leg, :window, LATE * (leg.start - stop.window[1]))
        end
        broken(leg, :hours, LATE * (leg.leave - round.ends)) if leg.leave > round.ends
        broken(leg, :trade, WRONG) unless (stop.trades - round.trades).empty?
        broken(leg, :person, WRONG) if stop.person && stop.person != round.person
        broken(leg, :date, WRONG) if stop.date && stop.date != round.date
        broken(leg, :left_open, WRONG) if stop.pinned && index.positive?
      end

      def broken(leg, what, cost)
        leg.breaks << what
        @cost += cost
      end

      def home(now, place)
        drive = Travel.seconds(place, round.base)
        @driving += drive
        @cost += drive
        @home = now + drive
      end
    end
  end
end
