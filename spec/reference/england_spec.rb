# frozen_string_literal: true

# The same calculations as an English engineer asks them, in bar, litres, °C and kW; each worked
# by hand.
RSpec.describe Munimen::Calculations::Calculation do
  def england(id, **inputs) = calc(id, units: :england, **inputs)

  # 210 L · (999.70 / 983.20 − 1) = 3.52 L, densities of Kell 1975.
  it "expands 210 L from 10 to 60 °C by 3.5 L" do
    expect(
      england(:thermal_expansion, volume: "210", cold: "10", hot: "60")[:expanded_volume].in("L")
    ).to be_within(0.02).of(210 * ((999.70 / 983.20) - 1))
  end

  # Boyle by hand: 3.52 L into an 18 L vessel charged to the supply of 3 bar: 4.013 · 18 / (18 −
  # 3.52) − 1.013.
  it "brings an 18 L vessel at 3 bar to just under 4 bar" do
    result = england(
      :vessel_performance,
      volume: "210",
      cold: "10",
      hot: "60",
      supply_pressure: "3",
      vessel_volume: "18",
      charge: "3",
      relief_setting: "6"
    )
    expect(result[:hot_pressure].in("bar")).to be_within(0.01).of(
      (4.01325 * 18 / (18 - 3.524)) - 1.01325
    )
    expect(result[:margin].in("bar")).to be_within(0.01).of(6 - result[:hot_pressure].in("bar"))
  end

  # 210 · 4.19 · 50 / 20 kW = 2 200 s, with water's own density.
  it "heats 210 L by 50 K with 20 kW in about 37 minutes" do
    expect(
      england(:heat_up, volume: "210", power: "20", cold: "10", hot: "60")[:time].in("min")
    ).to be_within(0.4).of(210 * 0.9997 * 4.185 * 50 / 20 / 60)
  end

  # 3 000 / 4.19 / 50 K in an hour: 51.6 L/h.
  it "recovers 52 L an hour at 50 K from 3 kW" do
    expect(england(:recovery, power: "3", rise: "50")[:flow_per_hour].in("L/h")).to be_within(
      0.6
    ).of(3 * 3600 / (4.18 * 0.999 * 50))
  end

  # 17.6 Ω = 230² / 3 000.
  it "expects 17.6 Ω of a 3 kW immersion at 230 V" do
    result = england(:element, rated_power: "3", rated_voltage: "230", resistance: "17.7")
    expect([result[:expected_resistance].si.round(1), result.outputs[:verdict]]).to eq(
      [17.6, :sound]
    )
  end

  # HSE and Approved Document G speak of 48 and 60 °C; the burn table is in °F: 60 °C is 140
  # °F, 6 s.
  it "burns in 6 s at 60 °C, and takes over five minutes at 48 °C" do
    expect(england(:scald_time, temperature: "60")[:time].si).to be_within(1e-6).of(6)
    expect(england(:scald_time, temperature: "48").outputs[:words]).to eq("over 5 min")
  end

  # 150 L · 0.7 · (60 − 10) / (40 − 10).
  it "mixes 175 L of 40 °C out of a 150 L store at 60 °C" do
    expect(
      england(:mixed_delivery, volume: "150", stored: "60", cold: "10", mixed: "40")[
        :mixed_volume
      ].in("L")
    ).to be_within(0.01).of(175)
  end

  # 210 L through a hose in the time of a 50 gal tank, by the share of volume; common practice.
  it "drains 210 L through 10 m of hose in a quarter to half an hour" do
    minutes =
      england(:drain_time, volume: "210", tank_height: "1.4", hose_length: "10", fall: "0.6")[
        :time
      ].in("min")
    expect(minutes).to be_between(15, 30)
  end

  it "takes any unit whatever the system, and says so in its own" do
    mixed = england(
      :vessel_performance,
      volume: "55.5 gal",
      cold: "50 F",
      hot: "140 °F",
      supply_pressure: "43.5 psi",
      vessel_volume: "18 litre",
      charge: "300 kPa",
      relief_setting: "6 bar"
    ).to_h
    expect(mixed[:outputs][:hot_pressure]).to match(value: be_within(0.05).of(3.97), unit: "bar")
    expect(mixed[:inputs][:volume]).to match(value: be_within(0.2).of(210.1), unit: "L")
  end
end
