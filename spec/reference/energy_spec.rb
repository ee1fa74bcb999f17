# frozen_string_literal: true

# Energy, heads and shares against the handbook's worked figures (§27 and its calculations), each
# also by another route.
RSpec.describe Munimen::Calculations do
  def out(id, units: :si, **given) = described_class::Calculation[id].call(given, units:).outputs

  # m·cp·ΔT by hand: 189.27 kg (kg by density at 58 °F) × 4.186 kJ/kg/K × 37.2 K = 8.18 kWh.
  it "heats 50 gal, 58 to 125 °F, with 8.18 kWh, 2.34 at a COP of 3.5, in 5 h 27 min at 1.5 kW" do
    told = out(:heat_pump, volume: "50 gal", cop: "3.5")
    by_hand = 0.18927 * 999.1 * 4.184 * (125 - 58) / 1.8 / 3600
    into = told[:energy_into_water] / 3.6e6
    expect(into).to be_within(0.02).of(8.18).and be_within(0.03).of(by_hand)
    expect(told[:energy_electric] / 3.6e6).to be_within(0.01).of(2.34)
    expect(told[:time] / 60).to be_within(1).of((5 * 60) + 27)
  end

  # Carnot between 20 and 50 °C: 323.15 / 30 = 10.8; 3.5 is 0.32 of it.
  it "takes a third of Carnot's COP, less with colder air, and costs a year by its price" do
    cop = lambda { |**more|
      out(:heat_pump, volume: "50 gal", hot: "50 degC", cold: "10 degC", **more)[:heat_pump_cop]
    }
    expect(cop.call).to be_within(0.01).of(0.33 * 323.15 / 30)
    expect(cop[share: "0.325"]).to be_within(0.02).of(3.5)
    expect(cop[air: "5 degC"]).to be < cop.call
    year = out(:heat_pump, volume: "50 gal", cop: "3.5", price: "0.2", gas_price: "0.05")
    expect(year[:cost_element] / year[:cost_heat_pump]).to be_within(0.01).of(3.5)
    # 64 gal a day, 67 °F: 64/50 × 8.18 kWh × 365 = 3,822 kWh
    expect(year[:year_element] / 3.6e6).to be_within(15).of(3822)
    expect(year[:cost_gas]).to be_within(1).of(year[:year_gas] / 3.6e6 * 0.05)
  end

  it "loses 60 W at 1.5 W/K and 40 K, and 0.94 W/K through 50 mm of foam round 50 gal" do
    tested = out(:standing_loss, conductance: "1.5 W/K")
    expect([tested[:loss],
            tested[:year] / 3.6e6]).to match([be_within(0.01).of(60), be_within(0.5).of(525.6)])
    expect(out(:standing_loss)[:wall_conductance]).to be_within(0.02).of(0.94)
  end

  it "loses 16.5 W a metre from a bare 15 mm pipe and 6.5 W in 13 mm of insulation" do
    bare = out(:recirculation_loss, length: "20 m")
    expect(bare[:per_metre]).to be_within(0.1).of(16.5)
    round = out(:recirculation_loss, length: "20 m", insulation: "13 mm")
    expect(round[:per_metre]).to be_within(0.1).of(6.5)
    expect(bare[:saved_by_insulating]).to be_within(1).of(bare[:year] - round[:year])
    expect(bare[:saved_by_hours]).to be_within(1).of(bare[:year] * 0.75)
    expect(round[:saved_by_insulating]).to eq(0)
  end

  # ρ g h with 998.2 kg/m³ (Kell); BS 5546, from memory.
  it "presses 0.392 bar under 4 m, and wants the vent 310 mm above the cistern's water" do
    told = out(:vented_head, head: "4 m")
    expect(told[:pressure] / 1e5).to be_within(0.0005).of(998.2 * 9.80665 * 4 / 1e5)
    expect(told[:vent_rise]).to be_within(1e-9).of(0.31)
  end

  it "mixes 60 and 10 to 40 °C from six parts hot and four cold, by heat and by volume" do
    told = out(:blending, hot: "60 degC", cold: "10 degC", mixed: "40 degC", flow: "10 L/min")
    expect(told[:hot_share]).to be_within(0.002).of(0.60)
    sum = told[:hot_flow] + told[:cold_flow]
    expect(sum * 60_000).to be_within(0.06).of(10)
  end

  # Boyle by hand: 18 × 4.01325 × (1/4.01325 − 1/7.01325) = 7.70 L.
  it "takes 7.70 L into 18 L from 3 to 6 bar, and 0.950 gal into 4.5 gal from 60 to 80 psi" do
    england = out(:vessel_acceptance, volume: "18 L", charge: "3 bar", to: "6 bar")
    expect(england[:accepted] * 1000).to be_within(0.005).of(7.70)
    us = out(:vessel_acceptance, volume: "4.5 gal", charge: "60 psi", to: "80 psi")
    expect(us[:accepted] / 0.003785411784).to be_within(0.002).of(0.950)
    # charged above the pressure it stands at, nothing goes in until that is reached
    late = out(:vessel_acceptance, volume: "4.5 gal", charge: "70 psi", from: "60 psi",
to: "80 psi")
    expect(late[:accepted]).to be < us[:accepted]
  end

  # All that passes bounds what can fall out: 250 mg/L × 242 L × 365 days = 22 kg.
  it "gives scale as a range, more when hotter, never more than passes" do
    ranges = %w[50 60 80].map do |hot|
      out(:scale, hardness: "250", stored: "#{hot} degC").values_at(:mass_least, :mass_most)
    end
    expect(ranges.flatten.max).to be < 22.2 * 0.51
    expect(ranges.map(&:first)).to eq(ranges.map(&:first).sort)
    expect(ranges).to all(satisfy { |least, most| most > least * 3 })
    expect(out(:scale, hardness: "400",
stored: "65 degC")[:flush_every]).to eq("every three months")
    expect(out(:scale, hardness: "40", stored: "50 degC")[:flush_every]).to eq("once a year")
  end
end
