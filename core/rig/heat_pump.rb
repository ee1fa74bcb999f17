# frozen_string_literal: true

module Munimen
  class Rig
    # A compressor that takes heat out of the air around it, with its thermostat, its delay after a
    # stop, its filter and its mode. W, K, s, m3/s.
    #
    # COP a third of Carnot's; air through it 0.16 m3/s: 4 to 8 K colder at usual powers. From
    # memory.
    class HeatPump
      DELAY = 300.0
      SHARE = 0.33
      FLOW = 0.16
      AIR = 1206.0 # J/m3/K
      COLDEST = 278.15 # air below which it hands over to its elements
      SHELF = 0.6 # height up to which its coil lies round the tank

      attr_reader :thermostat
      attr_accessor :mode, :air, :filter, :works, :supply

      # watts: into the water at 20 °C air.
      def initialize(watts, setting, air: Rig::ROOM)
        @watts = watts
        @thermostat = Thermostat.new(setting, height: 0.35)
        @air = air
        @filter = 1.0
        @works = @supply = true
        @mode = :hybrid
        @since = DELAY
      end

      # J into the water.
      def heat(tank, seconds)
        wants = supply && %i[heat_pump hybrid].include?(mode) && air >= COLDEST &&
                thermostat.closed?(tank.at(thermostat.height))
        @running = wants && @since >= DELAY
        @since = @running ? DELAY : (@since + seconds if wants) || 0.0
        return @watt = 0.0 unless @running && works

        @hot = tank.at(thermostat.height)
        @watt = @watts * filter * cop(@hot) / cop(@hot, Rig::ROOM)
        joules = @watt * seconds
        tank.heat(joules, from: 0.05, to: SHELF)
        joules
      end

      def running? = @running || false

      def cop(hot, from = air) = [SHARE * hot / [hot - from, 15].max, 6].min

      # K of the air that it blows out; as it went in where nothing is taken from it.
      def air_out
        return air unless running? && works && @watt.to_f.positive?

        air - (@watt * (1 - (1 / cop(@hot))) / (FLOW * [filter, 0.3].max * AIR))
      end
    end
  end
end
