# frozen_string_literal: true

module Munimen
  class Rig
    # A compressor that takes heat out of the air around it, with its thermostat, its delay after a
    # stop, its filter and its mode. It hangs on the feed and the high limit of its heater. W, K, s,
    # m3/s.
    #
    # Air through it 0.16 m3/s, 4 to 8 K colder at usual powers; from memory.
    class HeatPump
      DELAY = 300.0
      FLOW = 0.16
      AIR = 1206.0 # J/m3/K
      SHELF = 0.6 # height up to which its coil lies round the tank
      LEAST_LIFT = 15.0 # K between air and coil, whatever the water; from memory
      RUNS = %i[heat_pump hybrid].freeze

      attr_reader :thermostat
      attr_accessor :mode, :air, :filter, :works

      # watts: into the water at 20 °C air. feed: the Elements beside it, or none but their feed.
      def initialize(watts, setting, feed:, air: Rig::ROOM)
        @watts = watts
        @thermostat = Thermostat.new(setting, height: 0.35)
        @feed = feed
        @air = air
        @filter = 1.0
        @works = true
        @mode = :hybrid
        @since = DELAY
        @watt = 0.0
      end

      # J into the water.
      def heat(tank, seconds)
        @hot = tank.at(thermostat.height)
        @watt = runs?(tank, seconds) && works ? @watts * filter * cop / cop(Rig::ROOM) : 0.0
        tank.heat(@watt * seconds, from: 0.05, to: SHELF) if @watt.positive?
        @watt * seconds
      end

      def cold? = air < Physics::HeatPump::AIR.begin
      def runs_by_mode? = RUNS.include?(mode)

      # K of the air that it blows out; as it went in where nothing is taken from it.
      def air_out
        return air unless @watt.positive?

        air - (@watt * (1 - (1 / cop)) / (FLOW * [filter, 0.3].max * AIR))
      end

      private

      # Whether it runs, after its delay.
      def runs?(tank, seconds)
        wants = @feed.live? && @feed.limit_closed?(tank) && runs_by_mode? && !cold? &&
                thermostat.closed?(@hot)
        waited = @since >= DELAY
        @since = wants ? @since + seconds : 0.0
        wants && waited
      end

      def cop(from = air)
        Physics::HeatPump.cop(hot: [@hot, from + LEAST_LIFT].max, air: from)
      end
    end
  end
end
