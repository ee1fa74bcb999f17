# frozen_string_literal: true

module Munimen
  class Rig
    # Density and enthalpy of water from tables, made once from Physics::Water: quick enough for
    # many steps.
    #
    #   Properties.temperature(Properties.enthalpy(330.0)) # => 330.0
    module Properties
      LOW = 273.15
      HIGH = 433.15
      STEP = 0.5 # K
      # Lists by steps of temperature and of enthalpy; where the latter begins, and its step.
      Tables = Struct.new(:enthalpy, :density, :temperature, :least, :width)

      module_function

      # Specific enthalpy, J/kg, at K.
      def enthalpy(temperature) = between(tables.enthalpy, (temperature - LOW) / STEP)

      # Density, kg/m3, at K.
      def density(temperature) = between(tables.density, (temperature - LOW) / STEP)

      # K at a specific enthalpy, J/kg.
      def temperature(enthalpy)
        known = tables
        between(known.temperature, (enthalpy - known.least) / known.width)
      end

      def tables
        @tables ||= begin
          grid = Array.new(((HIGH - LOW) / STEP).round + 1) { |i| LOW + (i * STEP) }
          enthalpy = grid.map { |kelvin| Physics::Water.enthalpy(kelvin) }
          width = (enthalpy.last - enthalpy.first) / (grid.size - 1)
          density = grid.map { |kelvin| Physics::Water.density(kelvin) }
          Tables.new(enthalpy, density, inverse(grid, enthalpy, width), enthalpy.first, width)
        end
      end

      # Temperatures at even steps of enthalpy.
      def inverse(grid, enthalpy, width)
        at = 0
        Array.new(grid.size) do |i|
          wanted = enthalpy.first + (i * width)
          at += 1 while at < enthalpy.size - 2 && enthalpy[at + 1] < wanted
          grid[at] + ((wanted - enthalpy[at]) / (enthalpy[at + 1] - enthalpy[at]) * STEP)
        end
      end

      def between(list, place)
        index = place.to_i
        index = 0 if index.negative?
        index = list.size - 2 if index > list.size - 2
        low = list[index]
        low + ((list[index + 1] - low) * (place - index))
      end
    end
  end
end
