# frozen_string_literal: true

RSpec.describe "Hot water, draining, the coil, what is stored" do
  # 40 000 · 0.8 / (8.33 lb/gal · 90 °F), by hand: 42.7 gal/h.
  it "recovers about 43 gal/h at a 90 °F rise" do
    expect(
      calc(:recovery, power: "40000", efficiency: "0.8", rise: "90")[:flow_per_hour].in("gal/h")
    ).to be_within(0.3).of(32_000 / (8.33 * 90))
  end

  # 50 · 0.7 · (140 − 50) / (105 − 50), by hand.
  it "mixes 57 gal of 105 °F out of 50 gal of 140 °F" do
    result = calc(:mixed_delivery, volume: "50", stored: "140", cold: "50", mixed: "105")
    expect(result[:mixed_volume].in("gal")).to be_within(0.01).of(57.27)
    expect(result[:shower_time].in("min")).to be_within(0.01).of(57.27 / 2)
  end

  # Common practice: 50 gal, 4 ft tank, 25–50 ft of hose, end 2 ft lower: 13–27 min; on the
  # level nearly twice that.
  it "drains 50 gal in the time that the trade knows" do
    minutes = lambda do |**more|
      calc(:drain_time, volume: "50", tank_height: "4", **more)[:time].in("min")
    end
    expect([minutes[hose_length: "25"], minutes[hose_length: "50"]]).to all(be_between(13, 27))
    expect(minutes[hose_length: "50", fall: "0"] / minutes[hose_length: "50"]).to be_between(
      1.6,
      2.2
    )
    expect(minutes[hose_length: "25", fraction: "0.2"]).to be_between(2, 5)
  end

  # A second route: an open hole without hose or valve losses would empty by Torricelli in
  # A/a·√(2h/g); losses can only slow it.
  it "never drains faster than Torricelli lets it" do
    free = 0.189271 / 1.2192 / (Math::PI / 4 * (0.0127**2)) * Math.sqrt(2 * 1.2192 / 9.80665)
    slow = calc(:drain_time, volume: "50", tank_height: "4", hose_length: "0", fall: "0")[:time].si
    expect(slow).to be_between(free * 1.5, free * 4)
  end

  # ṁ·cp·ΔT by hand: 15 L/min at 70 °C and 10 K: 0.25 L/s · 0.975 kg/L · 4.19 · 10 =
  # 10.2 kW.
  it "finds the heat a coil gives up, and its effectiveness" do
    result = calc(
      :coil,
      units: :england,
      flow: "15",
      flow_temperature: "75",
      return_temperature: "65",
      tank_temperature: "35"
    )
    expect(result[:power].in("kW")).to be_within(0.05).of(10.2)
    expect(result[:effectiveness].si).to be_within(1e-9).of(0.25)
    expect(result[:conductance].si).to be_within(2).of(10_207 / 10.0 * -Math.log(0.75))
  end

  it "judges a coil by its rating, and refuses a return below the tank or above the flow" do
    inputs = {
      flow: "15",
      flow_temperature: "75",
      tank_temperature: "35",
      rated_power: "20",
      rated_flow: "15"
    }
    grades = %w[70 63 58].map do |back|
      calc(:coil, units: :england, **inputs, return_temperature: back).outputs[:verdict]
    end
    expect(grades).to eq(%i[defect watch sound])
    %w[34 76].each do |back|
      expect { calc(:coil, units: :england, **inputs, return_temperature: back) }.to raise_error(
        Munimen::Error,
        /misre/
      )
    end
  end

  # Steam tables: (632.2 − 419.1) / 2 256.5 = 9.4 % from 150 °C; 1.673 m³ of steam from each kg.
  it "flashes about 9 % from 150 °C, nothing below boiling" do
    result = calc(:stored_energy, volume: "50", temperature: "150 degC")
    expect(result[:flash_fraction].si).to be_within(0.0005).of(0.0944)
    expect(result[:steam_volume].in("m3")).to be_within(0.3).of(0.18927 * 917 * 0.0944 * 1.673)
    expect(
      calc(:stored_energy, volume: "50", temperature: "200").outputs.values_at(
        :flash_fraction,
        :verdict
      )
    ).to eq([0.0, :sound])
  end

  # Approved Document G table 3.1, from memory, cell by cell: outlet, D2, resistance allowed, that
  # of a bend.
  [
    ["1/2", 15, [[22, 9, 0.8], [28, 18, 1.0], [35, 27, 1.4]]],
    ["3/4", 22, [[28, 9, 1.0], [35, 18, 1.4], [42, 27, 1.7]]],
    ["1", 28, [[35, 9, 1.4], [42, 18, 1.7], [54, 27, 2.3]]]
  ].each do |outlet, d1, rows|
    rows.each_with_index do |(d2, allowed, bend), index|
      it "takes D2 #{d2} from a #{outlet} in valve to #{allowed} m, #{bend} m a bend" do
        longest = calc(:discharge_pipe_england, outlet:, length: allowed.to_s)
        bent =
          calc(:discharge_pipe_england, outlet:, length: (allowed - (2 * bend)).to_s, bends: "2")
        too_long = calc(:discharge_pipe_england, outlet:, length: (allowed + 0.1).to_s)
        expect([longest, bent].map { |one| one[:d2_size].in("mm").round }).to eq([d2, d2])
        expect([bent[:d1_size].in("mm").round, bent[:resistance_used].si.round(6)]).to eq(
          [d1, allowed]
        )
        expect(too_long.outputs[:d2_size]).to(
          rows[index + 1] ? eq(rows[index + 1].first / 1000.0) : be_nil
        )
      end
    end
  end

  it "goes one size up when D2 is shared, and says so beyond the table" do
    expect(
      calc(:discharge_pipe_england, outlet: "1/2", length: "7", bends: "3")[:d2_size].in("mm")
    ).to eq(28)
    expect(
      calc(:discharge_pipe_england, outlet: "1/2", length: "7", bends: "3", shared: "yes")[
        :d2_size
      ].in("mm")
    ).to eq(35)
    beyond = calc(:discharge_pipe_england, outlet: "1", length: "30").to_h
    expect([beyond[:outputs][:d2_size], beyond[:verdict][:state]]).to eq([nil, :defect])
  end

  # ANSI Z21.22 and common practice: each criterion alone must be able to fail.
  good = {
    heater_input: "40000",
    working_pressure: "150",
    old_set_pressure: "150",
    new_set_pressure: "150",
    new_rating: "105000",
    old_set_temperature: "210",
    new_set_temperature: "210",
    old_thread: "3/4 NPT",
    new_thread: "3/4",
    old_probe_length: "4",
    new_probe_length: "4",
    old_shank_length: "1 in",
    new_shank_length: "1"
  }
  [
    [{}, :sound],
    [{ new_rating: "30000" }, :danger],
    [{ new_set_pressure: "160" }, :danger],
    [{ new_set_temperature: "200" }, :defect],
    [{ new_thread: "1" }, :defect],
    [{ new_probe_length: "3" }, :defect],
    [{ new_shank_length: "1/2" }, :defect],
    [{ new_rating: nil }, :not_tested],
    [{ heater_input: "4500 W", new_rating: "15355" }, :sound]
  ].each do |change, grade|
    it "matches a relief valve with #{change}: #{grade}" do
      expect(calc(:relief_valve_match, **good, **change).outputs[:verdict]).to eq(grade)
    end
  end

  # A line by hand: 1.0, 0.8, 0.6 at two-year steps loses 0.1 a year and stands at 0.25 after 7.5
  # years.
  it "draws the anode's line, with its band, and starts anew after a rise" do
    points =
      [["2022-01-01", 0.8], ["2024-01-01", 0.6]].map { |date, remaining| { date:, remaining: } }
    result = calc(:anode_life, inspections: points, fitted_on: "2020-01-01").outputs
    expect(result[:rate]).to be_within(0.001).of(0.1)
    expect(Date.iso8601(result[:replace_by][:likely])).to be_within(10).of(Date.new(2027, 7, 1))
    expect(result[:replace_by].values).to eq(result[:replace_by].values.sort)
    renewed = calc(
      :anode_life,
      inspections:
        points + [{ date: "2025-01-01", remaining: 1.0 }, { date: "2026-01-01", remaining: 0.75 }]
    ).outputs
    expect(renewed[:rate]).to be_within(0.001).of(0.25)
  end

  # Faraday by hand: 0.5 kg · 0.75 · 2 205 Ah/kg · 0.5 / 5 mA = 82 688 h = 9.4 years.
  it "works out a magnesium rod from its current" do
    result = calc(:anode_life, mass: "0.5 kg", current: "5 mA", fitted_on: "2020-01-01").outputs
    expect(0.75 / result[:rate]).to be_within(0.01).of(82_688 / 8766.0)
    expect(result[:replace_by][:likely]).to start_with("2029")
    expect(
      calc(:anode_life, mass: "0.5 kg", current: "5 mA", alloy: "aluminium").outputs[:replace_by][
        :likely
      ]
    ).to be_nil
  end
end
