# frozen_string_literal: true

RSpec.describe "Expansion and the vessel" do
  let(:tank) { { volume: "50", cold: "50", hot: "140" } }

  # 50 gal × (999.70 / 983.20 − 1), densities of Kell 1975.
  it "expands 50 gal by 0.839 gal from 50 to 140 °F" do
    expect(calc(:thermal_expansion, **tank)[:expanded_volume].in("gal")).to be_within(0.0005).of(
      0.839
    )
  end

  # ASHRAE Handbook, diaphragm tank: ΔV / (P0/P1 − P0/P2), worked by hand with gauge + 14.696
  # psi.
  it "sizes the vessel as ASHRAE's formula does" do
    result = calc(:expansion_vessel, **tank, supply_pressure: "60", maximum_pressure: "80")
    expect(result[:minimum_volume].in("gal")).to be_within(0.01).of(3.97)
    expect(result[:minimum_volume].in("gal")).to be_within(0.002).of(
      0.8391 / ((74.696 / 74.696) - (74.696 / 94.696))
    )
    expect(result[:next_size].in("gal")).to eq(4.5)
  end

  # By ASHRAE's formula again: 20 psi below the maximum 3.97 gal, 5 psi below it four times that.
  it "names the supply at which the vessel that is there will do, and the cheaper way" do
    asked = lambda do |supply, vessel|
      calc(:supply_or_tank, **tank, supply_pressure: supply, maximum_pressure: "80",
                                    vessel_volume: vessel)
    end
    expect(asked["75", "4.5"][:minimum_volume].in("gal")).to be_within(0.04).of(4 * 3.973)
    suits = asked["75", "4.5"][:suiting_supply].in("psi")
    expect(suits).to be_within(0.05).of(80 - (0.8391 / 4.5 * 94.696))
    expect(asked[suits.to_s, "4.5"][:minimum_volume].in("gal")).to be_within(0.001).of(4.5)
    expect([asked["60", "4.5"], asked["75", "4.5"], asked["75", "1.5"]].map { |one| one[:cheaper] })
      .to match([/there will do/, /Lower the supply to 62/, /A larger vessel/])
    expect(asked["75", "0.5"][:suiting_supply]).to be_nil
  end

  # A second route to the same number: a vessel of the size found, filled step by step by Boyle's
  # law, must come out at the maximum pressure.
  it "agrees with the volume balance, for any charge below the maximum" do
    [30, 45, 60, 70].each do |charge|
      size =
        calc(
          :expansion_vessel,
          **tank,
          supply_pressure: "60",
          maximum_pressure: "80",
          charge: charge.to_s
        )[
          :minimum_volume
        ].in("gal")
      air_at_charge = size
      start = [charge, 60].max
      air_at_supply = air_at_charge * (charge + 14.696) / (start + 14.696)
      hot = ((charge + 14.696) * air_at_charge / (air_at_supply - 0.83914)) - 14.696
      expect(hot).to be_within(0.05).of(80)
    end
  end

  it "offers litre sizes outside the US" do
    result = calc(
      :expansion_vessel,
      units: :england,
      volume: "200",
      cold: "10",
      hot: "60",
      supply_pressure: "3",
      maximum_pressure: "6"
    )
    expect(result[:next_size].in("L")).to eq(8)
    bigger = calc(
      :expansion_vessel,
      units: :england,
      volume: "300",
      cold: "10",
      hot: "60",
      supply_pressure: "3",
      maximum_pressure: "4.5"
    )
    expect(bigger[:next_size].in("L")).to eq(24) # 5.03 L / 0.272 = 18.5 L
  end

  # Boyle worked by hand: 4.5 gal at 60 → 77, at 40 → 86; 2.1 gal at 40 → 149.7; 2.0 gal would
  # need 160.
  [
    ["4.5", "60", 77.1, "holds", :sound],
    ["4.5", "40", 85.5, "holds", :watch], # above the 80 psi of IRC P2903.4
    ["2.1", "40", 149.7, "holds", :watch],
    ["2.0", "40", 150.0, "reaches_the_relief_valve", :defect]
  ].each do |size, charge, pressure, word, grade|
    it "reaches #{pressure} psi with #{size} gal charged to #{charge} psi" do
      result =
        calc(:vessel_performance, **tank, supply_pressure: "60", vessel_volume: size, charge:)
      expect(result[:hot_pressure].in("psi")).to be_within(0.06).of(pressure)
      expect(result[:verdict].to_s).to eq(word)
      expect(result[:judged].grade).to eq(grade)
    end
  end

  it "never says infinity for a water-logged vessel" do
    result =
      calc(:vessel_performance, **tank, supply_pressure: "60", vessel_volume: "1", charge: "5")
    expect(result[:hot_pressure].in("psi")).to eq(150)
    expect(result[:margin].in("psi")).to eq(0)
  end

  it "takes in nothing until the supply has reached a charge above it" do
    result =
      calc(:vessel_performance, **tank, supply_pressure: "60", vessel_volume: "4.5", charge: "80")
    expect(result[:water_before].si).to eq(0)
    expect(result[:hot_pressure].in("psi")).to be > 80
  end
end

RSpec.describe Munimen::Physics::ClosedSystem do
  let(:heater) { { volume: "50", power: "40000", cold: "95", hot: "140", supply_pressure: "60" } }

  # Common practice: a typical 40–50 gal gas heater climbs about 10–15 psi a minute.
  it "climbs 10–15 psi a minute from luke-warm without a vessel" do
    series = calc(:closed_system, **heater).outputs[:series]
    expect(series[2][:pressure].in("psi") - 60).to be_between(10, 15)
  end

  # Common practice: the relief valve lifts within minutes, when well under a quart has expanded.
  it "brings the relief valve to lift within minutes and well under a quart" do
    result = calc(:closed_system, **heater)
    expect(result[:time_to_relief].in("min")).to be_between(4, 10)
    expect(result[:expanded_at_relief].in("qt")).to be < 0.6
    expect(result[:peak_pressure].in("psi")).to eq(150)
  end

  it "climbs more slowly from cold water, which expands less" do
    cold = calc(:closed_system, **heater, cold: "45").outputs[:series]
    expect(cold[2][:pressure].in("psi") - 60).to be < 6
  end

  # With a vessel the give of the tank hardly counts: the rigid sum of vessel_performance bounds it.
  it "agrees with the rigid vessel sum when the give is next to nothing" do
    inputs = {
      volume: "50",
      cold: "50",
      hot: "140",
      supply_pressure: "60",
      vessel_volume: "4.5",
      charge: "40"
    }
    rigid = calc(:vessel_performance, **inputs)[:hot_pressure].in("psi")
    soft =
      calc(:closed_system, **inputs, power: "40000", compliance: "1e-9")[:peak_pressure].in("psi")
    expect(soft).to be_within(0.01).of(rigid)
    expect(calc(:closed_system, **inputs, power: "40000")[:peak_pressure].in("psi")).to be < rigid
  end

  it "never lifts with a vessel of the size worked out" do
    result = calc(:closed_system, **heater, cold: "50", vessel_volume: "4.5")
    expect(result.outputs[:time_to_relief]).to be_nil
    expect(result[:peak_pressure].in("psi")).to be < 80
  end

  # Energy: the series' end must take the time that enthalpy over power gives (second route).
  it "takes the time to heat that the heat-up calculation gives" do
    series = calc(:closed_system, **heater, cold: "50").outputs[:series]
    seconds =
      calc(:heat_up, volume: "50", power: "40000", efficiency: "0.8", cold: "50", hot: "140")[
        :time
      ].si
    expect(series.last[:time].si).to be_within(seconds * 0.01).of(seconds)
  end
end
