# frozen_string_literal: true

RSpec.describe Munimen::Calculation do
  good = {
    convert: { value: "52 psi", to: "bar" }, water: { temperature: "60" }, thermal_expansion: { volume: "50", cold: "50", hot: "140" },
    expansion_vessel: { volume: "50", cold: "50", hot: "140", supply_pressure: "60", maximum_pressure: "80" },
    vessel_performance: { volume: "50", cold: "50", hot: "140", supply_pressure: "60", vessel_volume: "2", charge: "40" },
    closed_system: { volume: "50", power: "40000", cold: "50", hot: "140", supply_pressure: "60" },
    scald_time: { temperature: "130" }, settled_reading: { samples: [{ t: 0, value: 1 }, { t: 3, value: 1 }, { t: 6, value: 1 }], tolerance: "1" },
    heat_up: { volume: "50", power: "4500 W", cold: "50", hot: "120" }
  }

  it "has a good example here for each that there is" do
    expect(good.keys).to match_array(described_class.all.map(&:id))
  end

  good.each do |id, inputs|
    it "#{id} names its sources, gives every output it declares, in all three systems of units" do
      expect(described_class[id].sources).not_to be_empty
      %i[us england si].each do |units|
        result = described_class[id].call(units == :us ? inputs : in_words(id, inputs), units:).to_h
        expect(result[:outputs].keys).to match_array(described_class[id].outputs.map(&:name))
        expect(JSON.generate(result)).not_to match(/NaN|Infinity/)
      end
    end

    it "#{id} refuses an input it does not know and one that is missing" do
      expect { described_class[id].call({ **inputs, colour: "red" }) }.to raise_error(Munimen::Error, /has no input/)
      first = described_class[id].inputs.first.name
      expect { described_class[id].call(inputs.except(first)) }.to raise_error(Munimen::Error) { |error| expect(error.field).to eq(first.to_s) }
    end
  end

  # The same example with the US units written out, for the other systems.
  def in_words(id, inputs)
    inputs.to_h do |name, value|
      unit = described_class[id].inputs.find { |input| input.name == name }&.unit_symbol(:us)
      [name, value.is_a?(String) && unit && value.match?(/\A[\d.]+\z/) ? "#{value} #{unit}" : value]
    end
  end

  [
    [:thermal_expansion, { volume: "-5", cold: "50", hot: "140" }, "volume"], [:thermal_expansion, { volume: "0", cold: "50", hot: "140" }, "volume"],
    [:thermal_expansion, { volume: "50", cold: "50", hot: "300" }, "hot"], [:thermal_expansion, { volume: "50", cold: "140", hot: "50" }, "hot"],
    [:heat_up, { volume: "50", power: "4500 W", efficiency: "1.5", cold: "50", hot: "120" }, "efficiency"],
    [:expansion_vessel, { volume: "50", cold: "50", hot: "140", supply_pressure: "90", maximum_pressure: "80" }, "supply_pressure"],
    [:expansion_vessel, { volume: "50", cold: "50", hot: "140", supply_pressure: "60", maximum_pressure: "80", charge: "85" }, "charge"],
    [:vessel_performance, { volume: "50", cold: "50", hot: "140", supply_pressure: "60", vessel_volume: "0", charge: "40" }, "vessel_volume"],
    [:closed_system, { volume: "50", power: "0", cold: "50", hot: "140", supply_pressure: "60" }, "power"],
    [:closed_system, { volume: "50", power: "40000", cold: "50", hot: "140", supply_pressure: "60", compliance: "0" }, "compliance"],
    [:water, { temperature: "20" }, "temperature"], [:settled_reading, { samples: [1, 2], tolerance: "1" }, "samples"],
    [:settled_reading, { samples: [{ t: 0, value: 1 }, { t: 0, value: 1 }, { t: 1, value: 1 }], tolerance: "1" }, "samples"]
  ].each do |id, inputs, field|
    it "#{id} refuses nonsense in #{field}: #{inputs}" do
      expect { described_class[id].call(inputs) }.to raise_error(Munimen::Error) { |error| expect(error.field).to eq(field) }
    end
  end

  it "does not know what there is not" do
    expect { described_class[:perpetual_motion] }.to raise_error(Munimen::NotFound, /there are: closed_system/)
  end
end
