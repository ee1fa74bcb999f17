# frozen_string_literal: true

module Munimen
  class Rig
    # Water in layers, the lowest first: each has its mass and enthalpy, so that both are kept to
    # the last digit. Warm water rises; what expands is pushed down and out through the cold
    # inlet, what shrinks is made up from there.
    class Tank
      LAYERS = 12
      CONDUCTION = 2.5 # W/K between two layers, wall included; from memory

      attr_reader :volume

      # volume: m3; temperature: K of all of it.
      def initialize(volume, temperature)
        @volume = volume
        @each = volume / LAYERS
        @enthalpy = Array.new(LAYERS) { Properties.enthalpy(temperature) } # J/kg
        @mass = Array.new(LAYERS) { Properties.density(temperature) * @each }
        @temperatures = Array.new(LAYERS, temperature)
      end

      # Temperatures of the layers, K, the lowest first.
      attr_reader :temperatures

      def top = @temperatures.last
      def bottom = @temperatures.first
      # Temperature at a share of the height, 0 to 1.
      def at(height) = @temperatures[(height * LAYERS).to_i.clamp(0, LAYERS - 1)]

      def mass = @mass.sum
      # J, from the enthalpy's zero.
      def energy = @mass.each_with_index.sum { |kg, i| kg * @enthalpy[i] }

      # Puts joules into the layers from one share of the height to another, evenly.
      def heat(joules, from: 0.0, to: 1.0)
        first, last = [from, to].map { |height| (height * LAYERS).to_i.clamp(0, LAYERS - 1) }
        each = joules / (last - first + 1)
        (first..last).each { |i| @enthalpy[i] += each / @mass[i] }
      end

      # Loses heat to the room through the jacket: `loss` W/K of the whole tank. Returns J.
      def lose(loss, room, seconds)
        LAYERS.times.sum do |i|
          joules = loss / LAYERS * (@temperatures[i] - room) * seconds
          @enthalpy[i] -= joules / @mass[i]
          joules
        end
      end

      # Draws kg through the top; as much comes in at the bottom. across: the share that a broken
      # dip tube lets go straight from inlet to outlet. inlet: J/kg of what comes in. Returns J
      # that left.
      def draw(kilograms, inlet, across: 0.0)
        out = kilograms * across * inlet
        left = kilograms * (1 - across)
        while left > 1e-12
          part = [left, @mass.min * 0.5].min
          out += part * @enthalpy.last
          (LAYERS - 1).downto(1) { |i| @enthalpy[i] = mix(i, part, @enthalpy[i - 1]) }
          @enthalpy[0] = mix(0, part, inlet)
          left -= part
        end
        out
      end

      # Brings temperatures up to date, lets warm water rise and heat creep down.
      def settle(seconds)
        temperatures!
        conduct(seconds)
        rise
        temperatures!
      end

      # Fits the masses to the layers' volume again. Returns [kg, J] pushed out at the bottom;
      # negative what is taken in there, with `inlet` J/kg.
      def fit(inlet)
        (LAYERS - 1).downto(1) do |i|
          excess = @mass[i] - (Properties.density(@temperatures[i]) * @each)
          move(i, i - 1, excess)
        end
        excess = @mass[0] - (Properties.density(@temperatures[0]) * @each)
        carried = excess * (excess.positive? ? @enthalpy[0] : inlet)
        @enthalpy[0] = ((@mass[0] * @enthalpy[0]) - carried) / (@mass[0] - excess)
        @mass[0] -= excess
        temperatures!
        [excess, carried]
      end

      private

      # Enthalpy of a layer after so many kg of it have been replaced.
      def mix(layer, kilograms, enthalpy)
        @enthalpy[layer] + ((enthalpy - @enthalpy[layer]) * kilograms / @mass[layer])
      end

      # kg from one layer into its neighbour; the other way where negative.
      def move(from, to, kilograms)
        return move(to, from, -kilograms) if kilograms.negative?

        @enthalpy[to] = ((@mass[to] * @enthalpy[to]) + (kilograms * @enthalpy[from])) /
                        (@mass[to] + kilograms)
        @mass[to] += kilograms
        @mass[from] -= kilograms
      end

      def conduct(seconds)
        (LAYERS - 1).times do |i|
          limit = 0.2 * [@mass[i], @mass[i + 1]].min * (@enthalpy[i + 1] - @enthalpy[i])
          joules = CONDUCTION * (@temperatures[i + 1] - @temperatures[i]) * seconds
          joules = limit if joules.abs > limit.abs
          @enthalpy[i] += joules / @mass[i]
          @enthalpy[i + 1] -= joules / @mass[i + 1]
        end
      end

      # Layers that are warmer than the one above mix with it, until none is.
      def rise
        groups = []
        LAYERS.times do |i|
          groups << [@mass[i], @enthalpy[i], 1]
          while groups.size > 1 && groups[-2][1] > groups[-1][1] + 1e-9
            upper = groups.pop
            lower = groups.pop
            kilograms = upper[0] + lower[0]
            groups << [kilograms, ((upper[0] * upper[1]) + (lower[0] * lower[1])) / kilograms,
                       upper[2] + lower[2]]
          end
        end
        i = -1
        groups.each { |_, enthalpy, count| count.times { @enthalpy[i += 1] = enthalpy } }
      end

      def temperatures!
        LAYERS.times { |i| @temperatures[i] = Properties.temperature(@enthalpy[i]) }
      end
    end
  end
end
