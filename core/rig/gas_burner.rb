# frozen_string_literal: true

module Munimen
  class Rig
    # Gas: supply with its pipe, control, pilot with generator and magnet, energy cut-off, burner.
    # Pressures in Pa gauge, voltage in V, power in W.
    class GasBurner
      EFFICIENCY = Heater::Installation::GAS_EFFICIENCY
      # 7 in. w.c. of natural gas, 12 of bottled gas.
      LINES = { natural_gas: 1742.0, lp: 2989.0, butane: 2989.0 }.freeze
      DROP = 75.0       # of a healthy pipe under this burner
      CONTROL = 0.9     # of the inlet that a control lets through at most; from memory
      PILOT = 350.0     # W, half of it up the flue
      WARM = 14.0       # s, of the generator
      HOLDS = 0.36      # of its good voltage at which the magnet lets go; from memory
      CUT_OFF = 361.0   # K, 190 °F: the energy cut-off opens once

      attr_reader :voltage, :burning, :thermostat, :plate
      attr_accessor :knob,
                    :pressed,
                    :lit,
                    :line,
                    :drop,
                    :generator,
                    :eco,
                    :link,
                    :intake,
                    :orifice,
                    :magnet,
                    :valve,
                    :manifold_set,
                    :gust

      # fuel: of the heater; where it is not known natural gas comes.
      def initialize(input, setting, pile: false, fuel: :natural_gas)
        @input = input
        fuel = :natural_gas unless LINES.key?(fuel)
        @line = LINES.fetch(fuel)
        @plate = Heater::Installation::USUAL_MANIFOLD.fetch(fuel)
        @good = pile ? 0.55 : 0.026
        @thermostat = Thermostat.new(setting, height: 0.2)
        @knob = :on
        @lit = true
        @pressed = false
        @voltage = @good
        @drop = DROP
        @generator = @intake = @orifice = @magnet = @valve = 1.0
        @eco = @link = true
        @manifold_set = plate
        @burning = false
        @gust = false
      end

      # The good voltage of its generator, V.
      attr_reader :good

      # How well the pilot flame heats the generator, 0 to 1.
      def flame = lit ? [intake, orifice].min : 0.0

      # J into the water over some seconds; moves pilot, generator and magnet on.
      def heat(tank, seconds)
        @eco = false if tank.at(thermostat.height) >= CUT_OFF
        watch
        warm(seconds)
        watch
        @burning =
          lit && knob == :on && valve.positive? && thermostat.closed?(tank.at(thermostat.height))
        pilot = lit ? PILOT * 0.5 : 0
        tank.heat(power * seconds, from: 0.0, to: 0.15) if burning
        tank.heat(pilot * seconds, from: 0.0, to: 0.1)
        ((burning ? power : 0) + pilot) * seconds
      end

      # W into the water with the burner on: with the square root of the manifold pressure.
      def power = @input * EFFICIENCY * Math.sqrt(manifold / plate) * intake

      # What a manometer shows at the inlet: the pipe takes its drop with the square of the flow.
      def inlet = line - (burning ? drop * ((manifold / plate)**2) : 0)

      # And at the manifold: its setting, as far as the supply allows. An orifice passes with the
      # root of the pressure, so that the drop in the pipe goes with the pressure behind it.
      def manifold
        return 0.0 unless valve.positive?
        if (line - (drop * ((manifold_set / plate)**2))) * CONTROL >= manifold_set
          return manifold_set
        end

        # m = c·(line − drop·(m/plate)²)
        a = CONTROL * drop / (plate**2)
        [(-1 + Math.sqrt(1 + (4 * a * CONTROL * line))) / (2 * a), 0].max
      end

      # The millivolts that reach the magnet.
      def at_magnet = link && eco ? voltage : 0.0

      # Lights the pilot, the knob pressed; nothing without gas.
      def light = @lit = line > 200 && %i[pilot on].include?(knob) && pressed && intake > 0.15

      private

      def warm(seconds)
        goal = @good * generator * flame
        @voltage = goal + ((@voltage - goal) * Math.exp(-seconds / WARM))
      end

      # The flame goes out when the magnet lets go, when it is starved, and in a gust.
      def watch
        @lit = false if knob == :off || line < 200 || gust
        @lit = false unless pressed || at_magnet * magnet >= @good * HOLDS
        @lit = false if !pressed && intake < 0.35
      end
    end
  end
end
