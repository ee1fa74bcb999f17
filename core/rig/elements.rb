# frozen_string_literal: true

module Munimen
  class Rig
    # Elements with their thermostats, the upper first, and one high limit by hand. Ohms, volts,
    # W, K.
    class Elements
      # One element: ohms, whether it is open or to earth, how well it gives its heat up, its
      # thermostat and its height.
      Element =
        Struct.new(:name, :ohms, :open, :earth, :transfer, :thermostat, :height, keyword_init: true)

      attr_reader :high_limit, :list, :volts
      attr_accessor :supply, :legs, :passes_down, :breaker

      # ratings: {upper: W, lower: W}, either may be missing. limit: K at which the high limit
      # opens. earthed: whether one leg is live
      # against earth (a split supply), so that an element to earth heats without its thermostat.
      def initialize(ratings, volts:, setting:, limit:, split: true)
        @volts = volts
        @split = split
        heights = { upper: 0.7, lower: 0.12, element: 0.12 }
        @list = ratings.compact.map do |name, watts|
          Element.new(
            name:,
            ohms: (volts**2) / watts,
            open: false,
            earth: Float::INFINITY,
            transfer: 1.0,
            height: heights.fetch(name),
            thermostat: Thermostat.new(setting, height: heights.fetch(name))
          )
        end
        @high_limit = Thermostat.new(limit, height: 0.92, reset: :by_hand)
        @supply = @passes_down = true
        @legs = 2
        @breaker = true
      end

      def element(name) = list.find { |one| one.name == name }

      # J into the water.
      def heat(tank, seconds)
        trip
        running(tank).sum do |one|
          joules = one.open ? 0.0 : (volts**2) / one.ohms * one.transfer * seconds
          tank.heat(joules, from: one.height, to: one.height + 0.05)
          joules
        end + leaking(tank, seconds)
      end

      # Which of them have their full voltage: the upper first, the lower when the upper is
      # satisfied.
      def running(tank)
        return [] unless live? && limit_closed?(tank)

        calling = list.select { |one| one.thermostat.closed?(tank.at(one.height)) }
        upper = list.find { |one| one.name == :upper }
        return calling.first(1) if upper.nil? || calling.include?(upper)

        passes_down ? calling - [upper] : []
      end

      def limit_closed?(tank) = high_limit.closed?(tank.at(high_limit.height))
      def live? = supply && breaker && legs == 2

      private

      # An element dead to earth takes the breaker out; one that leaks heats through its
      # unswitched leg.
      def trip
        @breaker = false if supply && list.any? { |one| one.earth < 5 }
      end

      def leaking(tank, seconds)
        return 0.0 unless @split && supply && breaker

        list.select { |one| one.earth < 200 && !running(tank).include?(one) }.sum do |one|
          joules = ((volts / 2)**2) / (one.ohms + one.earth) * seconds
          tank.heat(joules, from: one.height, to: one.height + 0.05)
          joules
        end
      end
    end
  end
end
