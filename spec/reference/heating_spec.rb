# frozen_string_literal: true

RSpec.describe Munimen::Calculations::Calculation do
  # m·cp·ΔT by hand: 50 gal, 4 500 W, 50→120 °F: 1 h 54 min.
  it "heats 50 gal from 50 to 120 °F in 1 h 54 min with 4 500 W" do
    result = calc(:heat_up, volume: "50", power: "4500 W", cold: "50", hot: "120")
    expect(result[:time].in("min")).to be_within(0.5).of(114)
    expect(result[:energy].in("kWh")).to be_within(0.01).of(4.5 * 114 / 60)
  end

  # Moritz & Henriques 1947 as tabled by US consumer-safety guidance, from memory.
  [["120", 300], ["130", 30], ["140", 6], ["150", 2], ["165", 2]].each do |fahrenheit, seconds|
    it "burns in #{seconds} s at #{fahrenheit} °F" do
      expect(calc(:scald_time, temperature: fahrenheit)[:time].si).to be_within(1e-6).of(seconds)
    end
  end

  it "is log-linear between the points of the table" do
    expect(calc(:scald_time, temperature: "125")[:time].si).to be_within(0.01).of(
      Math.sqrt(300 * 30)
    )
  end

  it "says over 5 min, or none, below the table" do
    expect(calc(:scald_time, temperature: "115").outputs.values_at(:time, :words)).to eq(
      [nil, "over 5 min"]
    )
    expect(calc(:scald_time, temperature: "105").outputs[:grade]).to eq(:none)
    expect(calc(:scald_time, temperature: "130").outputs[:caution]).to include("children")
  end

  it "finds where a reading came to rest" do
    samples = [
      [0, 70],
      [1, 62],
      [2, 55],
      [3, 51],
      [4, 50.2],
      [5, 50],
      [6, 49.9],
      [7, 50.1],
      [8, 50],
      [9, 50.1],
      [10, 50]
    ]
    result = calc(
      :settled_reading,
      samples: samples.map { |t, value| { t:, value: } },
      tolerance: "0.5",
      hold: "5"
    )
    expect(result.outputs[:value]).to be_within(0.05).of(50.05)
    expect(result.outputs[:settled_at]).to eq(9)
    expect(result.outputs[:spread]).to be_within(1e-9).of(0.2)
  end

  it "does not call a wandering reading settled, nor one with a knock in its last seconds" do
    wander = (0..20).map { |t| { t:, value: 50 + (t * 0.5) } }
    knock = (0..20).map { |t| { t:, value: t == 18 ? 80 : 50 } }
    [wander, knock].each do |samples|
      expect(calc(:settled_reading, samples:, tolerance: "0.5").outputs[:settled_at]).to be_nil
    end
  end

  it "converts with the unit on either side" do
    expect(calc(:convert, value: "52 psi", to: "bar").outputs[:value]).to match(
      value: be_within(1e-6).of(3.585274),
      unit: "bar"
    )
    expect(calc(:convert, value: "1/2 in", to: "mm").outputs[:value][:value]).to be_within(1e-9).of(
      12.7
    )
    expect { calc(:convert, value: "52 psi", to: "degF") }.to raise_error(
      Munimen::Error,
      /unit of temperature/
    )
  end
end
