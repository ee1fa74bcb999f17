# frozen_string_literal: true

module Munimen
  module Measure
    # A kind of quantity: what may be compared with what. Gauge and absolute pressure share units
    # but are distinct kinds, as are temperature and temperature difference; kinds never mix
    # silently.
    #
    #   Kind[:pressure].unit(:us).symbol # => "psi"
    #   Kind[:pressure].range            # the SI values that are not nonsense
    class Kind
      attr_reader :id, :dimension, :range, :decimals

      def initialize(id, dimension, units, range:, decimals: {})
        @id = id
        @dimension = dimension
        @units = units
        @range = range
        @decimals = decimals
        freeze
      end

      # The unit in which a bare number of this kind is read, in the system :us, :england or :si, or
      # one of System.
      def unit(system)
        Unit[@units.fetch(system) { System.unit(system, id) || @units.fetch(System.like(system)) }]
      end

      # Digits after the point that a person wants to read in this unit.
      def places(unit) = @decimals.fetch(unit.symbol, 1)

      @all = {}
      class << self
        def [](id) = @all.fetch(id.to_sym)
        def all = @all.values

        private

        def define(id, dimension, us, england, si, range:, **decimals)
          @all[id] = new(
            id,
            dimension,
            { us:, england:, si: },
            range:,
            decimals: decimals.transform_keys(&:to_s)
          )
        end
      end

      ANY = (-Float::INFINITY..Float::INFINITY)
      POSITIVE = (0.0..Float::INFINITY)
      ATMOSPHERE = 101_325.0 # Pa

      define :pressure,
             :pressure,
             "psi",
             "bar",
             "kPa",
             range: (-ATMOSPHERE..7e6),
             psi: 0,
             bar: 2,
             kPa: 0
      define :absolute_pressure,
             :pressure,
             "psi",
             "bar",
             "kPa",
             range: (0.0..8e6),
             psi: 1,
             bar: 3,
             kPa: 2
      define :gas_pressure,
             :pressure,
             "inH2O",
             "mbar",
             "Pa",
             range: (-5e3..1e5),
             inH2O: 1,
             mbar: 1,
             Pa: 0
      define :temperature,
             :temperature,
             "degF",
             "degC",
             "degC",
             range: (233.15..473.15),
             degF: 0,
             degC: 1
      define :temperature_difference,
             :temperature_difference,
             "deltaF",
             "K",
             "K",
             range: (-300.0..300.0)
      define :volume, :volume, "gal", "L", "L", range: (0.0..20.0), gal: 2, L: 1
      define :length, :length, "in", "mm", "mm", range: (0.0..200.0), mm: 0, in: 1
      define :power, :power, "Btu/h", "kW", "kW", range: (0.0..1e6), "Btu/h": 0, kW: 2, W: 0
      define :element_power, :power, "W", "kW", "kW", range: (0.0..1e5), W: 0, kW: 2
      define :energy, :energy, "kWh", "kWh", "kWh", range: POSITIVE, kWh: 2
      define :flow, :flow, "gal/min", "L/min", "L/min", range: (0.0..0.1)
      define :hourly_flow, :flow, "gal/h", "L/h", "L/h", range: (0.0..0.1), "gal/h": 1, "L/h": 0
      define :voltage, :voltage, "V", "V", "V", range: (0.0..1000.0), V: 0
      define :current, :current, "A", "A", "A", range: (0.0..500.0)
      define :resistance, :resistance, "ohm", "ohm", "ohm", range: (0.0..1e9)
      define :time, :time, "s", "s", "s", range: (0.0..1e8), s: 0, min: 0
      define :density, :density, "kg/m3", "kg/m3", "kg/m3", range: POSITIVE, "kg/m3": 2
      define :specific_heat,
             :specific_heat,
             "kJ/kg/K",
             "kJ/kg/K",
             "kJ/kg/K",
             range: POSITIVE,
             "kJ/kg/K": 3
      define :bore, :length, "in", "mm", "mm", range: (0.0..0.2), mm: 0, in: 2
      define :run, :length, "ft", "m", "m", range: (0.0..100.0)
      define :altitude, :length, "ft", "m", "m", range: (-500.0..6000.0), ft: 0, m: 0
      define :gas_volume, :volume, "ft3", "m3", "m3", range: (0.0..1e5), m3: 2
      define :gas_flow, :flow, "ft3/h", "m3/h", "m3/h", range: (0.0..1.0), "m3/h": 2
      define :heating_value,
             :heating_value,
             "Btu/ft3",
             "MJ/m3",
             "MJ/m3",
             range: (5e6..1.5e8),
             "Btu/ft3": 0
      define :generator_voltage, :voltage, "mV", "mV", "mV", range: (0.0..2.0), mV: 0
      define :insulation, :resistance, "Mohm", "Mohm", "Mohm", range: (0.0..1e11), Mohm: 2
      define :conductance, :conductance, "W/K", "W/K", "W/K", range: POSITIVE, "W/K": 0
      define :mass, :mass, "lb", "kg", "kg", range: (0.0..1e3), kg: 2
      define :area, :area, "in2", "cm2", "cm2", range: (0.0..100.0), in2: 0, cm2: 0
      define :combustion_ratio, :number, "1", "1", "1", range: (0.0..0.05), "1": 4
      define :carbon_dioxide, :number, "%", "%", "%", range: (0.0..0.25), "%": 1
      define :carbon_monoxide, :ratio, "ppm", "ppm", "ppm", range: (0.0..0.01), ppm: 0
      define :compliance, :compliance, "gal/psi", "L/bar", "L/kPa", range: POSITIVE
      define :number, :number, "1", "1", "1", range: ANY, "1": 4
    end
  end
end
