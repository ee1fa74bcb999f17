# frozen_string_literal: true

RSpec.describe "Elements and their supply" do
  # V²/P by hand; IEC 60335-1 10.1 (power +5 −10 %), clause from memory.
  [
    ["12.8", :sound],
    ["12.2", :sound],
    ["14.2", :sound],
    ["12.0", :defect],
    ["14.4", :defect],
    ["OL", :defect],
    ["0.2", :defect]
  ].each do |ohm, grade|
    it "judges a 4 500 W 240 V element of #{ohm} Ω #{grade}" do
      result = calc(:element, rated_power: "4500", rated_voltage: "240", resistance: ohm)
      expect(result[:expected_resistance].si).to be_within(1e-9).of(12.8)
      expect(result.outputs[:verdict]).to eq(grade)
    end
  end

  it "gives 75 % on 208 V, nothing when open, and calls an earth fault a danger" do
    inputs = { rated_power: "4500", rated_voltage: "240", resistance: "12.8" }
    expect(
      calc(:element, **inputs, supply_voltage: "208")[:power_at_supply].in("W") / 4500
    ).to be_within(0.002).of(0.75)
    expect(
      calc(:element, **inputs, resistance: "open").outputs.values_at(:power_at_supply, :deviation)
    ).to eq([0.0, nil])
    expect(calc(:element, **inputs, earth_resistance: "0.4").outputs[:verdict]).to eq(:danger)
    expect(calc(:element, **inputs, earth_resistance: "OL").outputs[:verdict]).to eq(:sound)
  end

  # NEC 422.13, 422.11(E), 240.4(D), 310.16, from memory: worked by hand.
  [
    ["4500", "240", "1", 18.75, 25, 30, "10 AWG"],
    ["8 kW", "240", "1", 33.33, 45, 50, "6 AWG"],
    # NEC 240.4(D), from memory: 12 AWG at most 20 A, 10 AWG at most 30 A, whatever 422.11(E) allows
    ["3500", "240", "1", 14.58, 20, 20, "12 AWG"],
    ["5500", "240", "1", 22.92, 30, 30, "10 AWG"],
    ["2000", "240", "1", 8.33, 15, 15, "14 AWG"],
    ["1500", "120", "1", 12.5, 20, 20, "12 AWG"],
    ["9 kW", "208", "3", 24.98, 35, 40, "8 AWG"]
  ].each do |power, volts, phase, amps, *sizes|
    it "puts #{power} on #{volts} V, phase #{phase}, behind #{sizes.first} A and #{sizes.last}" do
      result = calc(:branch_circuit, power:, voltage: volts, phase:)
      expect(result[:current].si).to be_within(0.01).of(amps)
      expect(result[:continuous_current].si).to be_within(1e-9).of(result[:current].si * 1.25)
      expect(result.outputs.values_at(:minimum_breaker, :maximum_breaker, :conductor)).to eq(sizes)
    end
  end

  it "refuses what the table does not hold, and any country but its own" do
    expect { calc(:branch_circuit, power: "12 kW", voltage: "240") }.to raise_error(
      Munimen::Error,
      /ends at 50 A/
    )
    expect { calc(:branch_circuit, units: :england, power: "3", voltage: "230") }.to raise_error(
      Munimen::Error
    ) { |error| expect(error.field).to eq("units") }
  end
end
