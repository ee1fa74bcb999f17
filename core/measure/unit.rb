# frozen_string_literal: true

module Munimen
  module Measure
    # One unit: its symbol, its dimension, and SI = value * factor + offset.
    #
    #   Unit["psi"].to_si(60)      # => 413685.4… (Pa)
    #   Unit.find("in. w.c.").symbol # => "inH2O"
    #
    # Factors are exact definitions (NIST SP 811) but for inH2O, which is the conventional inch of
    # water at 4 °C, 249.08891 Pa, and Btu, therm and calorie, the International Table ones. The
    # imperial gallon is 4.54609 L (UK Units of Measurement Regulations 1995).
    class Unit
      attr_reader :symbol, :dimension, :label

      def initialize(symbol, dimension, factor, offset: 0.0, label: symbol)
        @symbol = symbol
        @dimension = dimension
        @factor = factor
        @offset = offset
        @label = label
        freeze
      end

      def to_si(value) = (value * @factor) + @offset
      def from_si(si_value) = (si_value - @offset) / @factor

      @by_symbol = {}
      @by_spelling = {}

      class << self
        # Unit by its own symbol; KeyError when there is none.
        def [](symbol) = @by_symbol.fetch(symbol.to_s)

        # Unit by any accepted spelling, or nil. Case counts only where it distinguishes (mV, MV).
        def find(text)
          key = text.strip.gsub(/\s+/, " ")
          @by_symbol[key] || @by_spelling[key] || @by_spelling[fold(key)]
        end

        def of(dimension) = @by_symbol.values.select { |unit| unit.dimension == dimension }

        private

        def fold(text) = text.downcase.delete(" .")

        def define(symbol, dimension, factor, *spellings, offset: 0.0, label: symbol)
          unit = @by_symbol[symbol] = new(symbol, dimension, factor, offset:, label:)
          [symbol, label, *spellings].each do |spelling|
            @by_spelling[spelling] ||= unit
            @by_spelling[fold(spelling)] ||= unit
          end
        end
      end

      INCH = 0.0254
      GALLON = 0.003785411784
      IMPERIAL_GALLON = 0.00454609
      BTU = 1055.05585262
      CALORIE = 4.1868
      POUND_FORCE_PER_SQUARE_INCH = 6894.757293168361

      define "Pa", :pressure, 1.0, "pascal"
      define "kPa", :pressure, 1e3
      define "MPa", :pressure, 1e6
      define "hPa", :pressure, 100.0
      define "mbar", :pressure, 100.0, "millibar"
      define "bar", :pressure, 1e5, "barg"
      define "psi", :pressure, POUND_FORCE_PER_SQUARE_INCH, "psig", "lb/in2", "lbs", "pounds"
      define "inH2O",
             :pressure,
             249.08891,
             "in. w.c.",
             "in wc",
             "inwc",
             "\"wc",
             "in wg",
             "in h2o",
             "iwc",
             label: "in. w.c."

      define "degC", :temperature, 1.0, "°C", "C", "deg C", "celsius", offset: 273.15, label: "°C"
      define "degF",
             :temperature,
             5.0 / 9.0,
             "°F",
             "F",
             "deg F",
             "fahrenheit",
             offset: 459.67 * 5 / 9,
             label: "°F"

      define "K", :temperature_difference, 1.0, "kelvin", "delta degC"
      define "deltaF", :temperature_difference, 5.0 / 9.0, "delta degF", "F deg", "R", label: "°F"

      define "L", :volume, 1e-3, "l", "litre", "litres", "liter", "liters", "ltr"
      define "gal", :volume, GALLON, "US gal", "gallon", "gallons", "gals"
      define "m3", :volume, 1.0, "m³", "cubic metre"
      define "ft3", :volume, 0.028316846592, "ft³", "cu ft", "cubic feet", "cuft"
      define "mL", :volume, 1e-6, "ml", "millilitre", "milliliter"
      define "qt", :volume, GALLON / 4, "quart", "quarts", "US qt"
      define "pt", :volume, GALLON / 8, "pint", "pints", "US pt"
      define "fl_oz", :volume, GALLON / 128, "fl oz", "fluid ounce", "fluid ounces", label: "fl oz"
      define "gal_imp", :volume, IMPERIAL_GALLON, "imp gal", "gal imp", "imperial gallon",
             "imperial gallons", "UK gal", label: "imp gal"
      define "qt_imp", :volume, IMPERIAL_GALLON / 4, "imp qt", "imperial quart", label: "imp qt"
      define "pt_imp", :volume, IMPERIAL_GALLON / 8, "imp pt", "imperial pint", label: "imp pt"
      define "fl_oz_imp", :volume, IMPERIAL_GALLON / 160, "imp fl oz", "imperial fluid ounce",
             label: "imp fl oz"

      define "mm", :length, 1e-3, "millimetre"
      define "cm", :length, 1e-2
      define "m", :length, 1.0, "metre", "meter"
      define "in", :length, INCH, "inch", "inches", "\"", "″"
      define "ft", :length, 0.3048, "foot", "feet", "'", "′"

      define "W", :power, 1.0, "watt", "watts"
      define "kW", :power, 1e3, "kilowatt"
      define "Btu/h", :power, BTU / 3600, "BTU/hr", "btuh", "btu per hour"
      define "kcal/h", :power, CALORIE * 1e3 / 3600, "kcal/hr", "kilocalories per hour"
      define "therm/h", :power, BTU * 1e5 / 3600, "therms per hour"

      define "in2", :area, INCH**2, "in²", "sq in", "square inches", label: "in²"
      define "cm2", :area, 1e-4, "cm²", label: "cm²"
      define "m2", :area, 1.0, "m²"
      define "ppm", :ratio, 1e-6

      define "J", :energy, 1.0
      define "kJ", :energy, 1e3
      define "kcal", :energy, CALORIE * 1e3, "kilocalorie"
      define "therm", :energy, BTU * 1e5, "therms"
      define "kWh", :energy, 3.6e6
      define "Btu", :energy, BTU
      define "MJ", :energy, 1e6

      define "gal/min", :flow, GALLON / 60, "gpm"
      define "L/min", :flow, 1e-3 / 60, "lpm", "litres per minute"
      define "gal/h", :flow, GALLON / 3600, "gph"
      define "gal_imp/min", :flow, IMPERIAL_GALLON / 60, "imp gal/min", "imp gpm",
             label: "imp gal/min"
      define "L/h", :flow, 1e-3 / 3600
      define "m3/s", :flow, 1.0
      define "ft3/h", :flow, 0.028316846592 / 3600, "cfh"
      define "m3/h", :flow, 1.0 / 3600, "m³/h", "cubic metres per hour", "cubic meters per hour",
             "cubic metre per hour"

      define "V", :voltage, 1.0, "volt", "volts"
      define "mV", :voltage, 1e-3, "millivolt"
      define "µV", :voltage, 1e-6, "uV", "μV", "microvolt"
      define "A", :current, 1.0, "amp", "amps"
      define "mA", :current, 1e-3, "milliamp"
      define "µA", :current, 1e-6, "uA", "μA", "microamp"
      define "ohm", :resistance, 1.0, "Ω", "ohms", "Ohm"
      # “mohm” is how people write megohms in a hurry: milliohms need their sign or their name.
      define "mΩ", :resistance, 1e-3, "milliohm", "milliohms"
      define "kohm", :resistance, 1e3, "kΩ"
      define "Mohm", :resistance, 1e6, "MΩ", "megohm"
      define "ms", :time, 1e-3, "millisecond", "milliseconds"
      define "s", :time, 1.0, "sec", "second", "seconds"
      define "min", :time, 60.0, "minute", "minutes"
      define "h", :time, 3600.0, "hr", "hour", "hours"
      define "d", :time, 86_400.0, "day", "days"
      define "kg", :mass, 1.0
      define "lb", :mass, 0.45359237, "pound"
      define "kg/m3", :density, 1.0, "kg/m³"
      define "kJ/kg/K", :specific_heat, 1e3, "kJ/(kg K)"
      define "Btu/ft3", :heating_value, BTU / 0.028316846592, "btu/cu ft"
      define "MJ/m3", :heating_value, 1e6, "MJ/m³"
      define "W/K", :conductance, 1.0, "W/°C"
      define "gal/psi", :compliance, GALLON / POUND_FORCE_PER_SQUARE_INCH
      define "L/bar", :compliance, 1e-8
      define "L/kPa", :compliance, 1e-6
      define "1", :number, 1.0, "", label: ""
      define "%", :number, 0.01, "percent"
    end
  end
end
