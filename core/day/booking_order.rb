# frozen_string_literal: true

module Munimen
  module Day
    # What the paper diary does: visits in the order in which they were booked, each to the first
    # who may do it and has room, after what that person has already. What a proposal is measured
    # against.
    class BookingOrder
      attr_reader :arrangement

      def initialize(rounds, stops)
        @arrangement = rounds.to_h { |round| [round, []] }
        stops.each do |stop|
          @arrangement[room(stop) || @arrangement.keys.min_by { |round| load(round) }] += [stop]
        end
      end

      def timetables = arrangement.map { |round, stops| Timetable.new(round, stops) }
      def driving = timetables.sum(&:driving)
      def waiting = timetables.sum(&:waiting)

      private

      def room(stop)
        arrangement
          .keys
          .sort_by(&:date)
          .find { |round| Timetable.new(round, @arrangement[round] + [stop]).breaks.empty? }
      end

      def load(round) = arrangement[round].sum(&:seconds)
    end
  end
end
