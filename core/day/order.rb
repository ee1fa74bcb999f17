# frozen_string_literal: true

module Munimen
  module Day
    # The cheapest order of the stops of one round: every order is tried but those whose cost so
    # far, with the least that the rest must still be driven, is no better than the best known
    # (branch and bound). Longer rounds put stop after stop where it costs least.
    class Order
      EXACT = 8 # stops that are ordered exactly
      NODES = 20_000

      attr_reader :stops, :timetable

      def initialize(round, stops)
        @round = round
        @all = stops
        @stops = by_insertion
        @timetable = Timetable.new(round, @stops)
        @nodes = 0
        deepen([], stops) if stops.size.between?(2, EXACT)
      end

      def cost = timetable.cost
      # Whether no order is cheaper.
      def proved? = @all.size <= EXACT && @nodes < NODES

      private

      def by_insertion
        rest = @all.sort_by do |stop|
          [stop.pinned ? 0 : 1, stop.window ? stop.window[1] : Float::INFINITY, stop.id]
        end
        rest.each_with_object([]) do |stop, order|
          order.insert(
            (0..order.size).min_by { |at| Timetable.new(@round, order.dup.insert(at, stop)).cost },
            stop
          )
        end
      end

      def deepen(order, rest)
        return if (@nodes += 1) > NODES

        table = Timetable.new(@round, order)
        return better(order, table) if rest.empty?
        return if lower_bound(order, rest, table) >= cost - 1e-6

        rest
          .sort_by { |stop| drive(order.last, stop) }
          .each { |stop| deepen(order + [stop], rest - [stop]) }
      end

      def better(order, table)
        return unless table.cost < cost - 1e-6

        @stops = order
        @timetable = table
      end

      # What has been spent, without the way home from there, and the shortest way into each that
      # is left, and home.
      def lower_bound(order, rest, table)
        home = order.empty? ? 0.0 : Travel.seconds(order.last.place, @round.base)
        froms = [order.last, *rest]
        into = rest.sum do |stop|
          froms.reject { |from| from.equal?(stop) }.map { |from| drive(from, stop) }.min
        end
        table.cost - home + into + rest.map { |stop| Travel.seconds(stop.place, @round.base) }.min
      end

      def drive(from, stop)
        return 0.0 if stop.pinned

        (@drive ||= {})[[from&.id, stop.id]] ||= Travel.seconds(
          from ? from.place : @round.base,
          stop.place
        )
      end
    end
  end
end
