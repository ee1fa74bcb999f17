# frozen_string_literal: true

module Munimen
  module Day
    # A proposal for some visits over some rounds: each is put where it costs least, the hardest
    # to place first; then visits are moved and swapped as long as that makes it cheaper. Whole
    # days change hands where that costs nothing and shares the work out. `at_least` is what any
    # arrangement drives, so that one sees how far it may be off.
    #
    #   Proposal.new(rounds, stops).arrangement # => {round => [Stop, …]}
    class Proposal
      TRIES = 4000 # arrangements of a round that are looked at

      attr_reader :rounds, :stops

      def initialize(rounds, stops)
        @rounds = rounds
        @stops = stops
        @kept = {}
        @orders = 0
        @place = rounds.to_h { |round| [round.key, []] }
        stops.sort_by { |stop| [hardness(stop), stop.id] }.each { |stop| put(stop) }
        improve
        share_out
      end

      # {Round => [Stop]} in order.
      def arrangement = rounds.to_h { |round| [round, order(round, @place[round.key]).stops] }
      def timetables = rounds.map { |round| order(round, @place[round.key]).timetable }
      def driving = timetables.sum(&:driving)
      def waiting = timetables.sum(&:waiting)

      # Seconds that any arrangement drives: the shortest way into each visit, and one way home.
      def at_least
        bases = rounds.map(&:base).uniq
        into = stops.sum do |stop|
          (bases + stops.reject { |other| other.equal?(stop) }.map(&:place))
            .map { |from| stop.pinned ? 0.0 : Travel.seconds(from, stop.place) }
            .min
        end
        into +
          (
            stops.flat_map { |stop| bases.map { |base| Travel.seconds(stop.place, base) } }.min ||
              0.0
          )
      end

      private

      # What can go to few rounds goes first.
      def hardness(stop)
        [stop.pinned ? 0 : 1, rounds.count { |round| fits?(round, stop) }, -stop.seconds]
      end

      def fits?(round, stop)
        (stop.trades - round.trades).empty? && (stop.person.nil? || stop.person == round.person) &&
          (stop.date.nil? || stop.date == round.date)
      end

      def order(round, stops)
        @kept[[round.key, stops.map(&:id).sort]] ||= (@orders += 1) && Order.new(round, stops)
      end

      # Cost of a round with some stops, and what the delay of what is urgent is worth.
      def cost(round, stops)
        order(round, stops).cost + (stops.sum { |stop| stop.urgent.to_f } * days(round))
      end

      def days(round) = (@first ||= rounds.map(&:date).min) && (round.date - @first).to_i

      def put(stop)
        round = likely(stop).min_by do |one|
          cost(one, @place[one.key] + [stop]) - cost(one, @place[one.key])
        end
        @place[round.key] += [stop]
      end

      def likely(stop)
        rounds.select { |round| fits?(round, stop) }.then { |some| some.empty? ? rounds : some }
      end

      def improve
        improved = true
        while improved && @orders < TRIES
          improved = stops.map { |stop| moved?(stop) }.any?
          improved = swapped? || improved
        end
      end

      # As long as two people's days can be exchanged without cost, and their hours come closer.
      def share_out
        while (first, second = rounds.combination(2).find { |pair| exchange?(*pair) })
          trade_places(first, second)
        end
      end

      def exchange?(first, second)
        return false if first.date != second.date || (@place[first.key] + @place[second.key]).empty?

        before = cost(first, @place[first.key]) + cost(second, @place[second.key])
        closer = unevenness
        trade_places(first, second)
        after = cost(first, @place[first.key]) + cost(second, @place[second.key])
        after <= before + 1.0 && unevenness < closer - 1.0
      ensure
        trade_places(first, second) if before
      end

      def trade_places(first, second)
        (@place[first.key], @place[second.key] = @place.values_at(second.key, first.key))
      end

      # Sum of the squares of each person's hours.
      def unevenness
        rounds
          .group_by(&:person)
          .values
          .sum { |own| (own.sum { |round| @place[round.key].sum(&:seconds) } / 3600.0)**2 }
      end

      def home_of(stop) = rounds.find { |round| @place[round.key].include?(stop) }

      # Moves one to where it costs less; tells whether it did.
      def moved?(stop)
        from = home_of(stop)
        left = @place[from.key] - [stop]
        spared = cost(from, @place[from.key]) - cost(from, left)
        to = (likely(stop) - [from]).min_by do |round|
          cost(round, @place[round.key] + [stop]) - cost(round, @place[round.key])
        end or return false
        unless cost(to, @place[to.key] + [stop]) - cost(to, @place[to.key]) < spared - 1.0
          return false
        end

        @place[from.key] = left
        @place[to.key] += [stop]
        true
      end

      # Swaps two of different rounds where that is cheaper.
      def swapped?
        stops.combination(2).any? do |one, other|
          first, second = [one, other].map { |stop| home_of(stop) }
          next if first == second || !fits?(second, one) || !fits?(first, other) || @orders >= TRIES

          a = @place[first.key] - [one] + [other]
          b = @place[second.key] - [other] + [one]
          unless cost(first, a) + cost(second, b) <
                 cost(first, @place[first.key]) + cost(second, @place[second.key]) - 1.0
            next
          end

          @place[first.key] = a
          @place[second.key] = b
          true
        end
      end
    end
  end
end
