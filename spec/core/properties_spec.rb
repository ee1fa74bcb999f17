# frozen_string_literal: true

# What must hold for every input, over many seeded ones.
RSpec.describe "Properties of the physics" do
  random = Random.new(1978)
  tanks = Array.new(40) do
    {
      volume: random.rand(20.0..119.0).round(1).to_s,
      cold: random.rand(36.0..65.0).round(1).to_s,
      hot: random.rand(110.0..160.0).round(1).to_s,
      supply_pressure: random.rand(35.0..79.0).round(1).to_s
    }
  end

  it "never reaches less than the supply, nor more than the relief setting, and a bigger vessel " \
     "never more than a smaller" do
    tanks.each do |tank|
      pressures = [1, 2, 4.5, 10, 20].map do |size|
        calc(
          :vessel_performance,
          **tank,
          vessel_volume: size.to_s,
          charge: tank[:supply_pressure]
        )[
          :hot_pressure
        ].in("psi")
      end
      expect(pressures).to all(be_between(tank[:supply_pressure].to_f - 1e-6, 150 + 1e-6))
      expect(pressures).to eq(pressures.sort.reverse)
    end
  end

  it "does best with the charge at the supply: lower and higher both end hotter in pressure" do
    tanks.each do |tank|
      at = lambda do |charge|
        calc(:vessel_performance, **tank, vessel_volume: "10", charge: charge.to_s)[
          :hot_pressure
        ].in("psi")
      end
      best = at[tank[:supply_pressure]]
      [-20, -8, 8, 20].each { |off| expect(at[tank[:supply_pressure].to_f + off]).to be > best }
    end
  end

  it "keeps the water: what has expanded is what the vessel took in" do
    tanks.each do |tank|
      result =
        calc(:vessel_performance, **tank, vessel_volume: "14", charge: tank[:supply_pressure])
      next unless result.outputs[:verdict] == :holds

      expanded = calc(:thermal_expansion, **tank.except(:supply_pressure))[:expanded_volume].si
      expect(result[:water_after].si - result[:water_before].si).to be_within(expanded * 1e-9).of(
        expanded
      )
    end
  end

  it "has pressure and temperature only rise while a closed system heats, from the supply on" do
    tanks.first(12).each do |tank|
      series = calc(:closed_system, **tank, power: "40000").outputs[:series]
      expect(series.first[:pressure].in("psi")).to be_within(1e-6).of(tank[:supply_pressure].to_f)
      series.each_cons(2) do |one, two|
        expect(two[:pressure]).to be >= one[:pressure]
        expect(two[:temperature]).to be >= one[:temperature]
      end
      expect(series.last[:temperature].in("degF")).to be_within(1e-6).of(tank[:hot].to_f)
    end
  end

  it "gives the same answer in every system of units" do
    tanks.first(10).each do |tank|
      us = calc(:thermal_expansion, **tank.except(:supply_pressure))[:expanded_volume].si
      metric = tank.except(:supply_pressure).to_h do |name, value|
        [name, name == :volume ? (value.to_f * 3.785411784).to_s : ((value.to_f - 32) / 1.8).to_s]
      end
      expect(calc(:thermal_expansion, units: :england, **metric)[:expanded_volume].si).to be_within(
        1e-12
      ).of(us)
    end
  end

  it "heats twice as fast with twice the power, and twice the water takes twice as long" do
    tanks.first(10).each do |tank|
      time = lambda do |**more|
        calc(:heat_up, **tank.except(:supply_pressure), power: "20000", **more)[:time].si
      end
      expect(time[power: "40000"]).to be_within(0.01).of(time[] / 2)
      expect(time[volume: (tank[:volume].to_f * 2).to_s]).to be_within(0.05).of(time[] * 2)
    end
  end

  it "burns sooner the hotter it is, without a step" do
    seconds =
      (120..150)
        .step(0.5)
        .map { |fahrenheit| calc(:scald_time, temperature: fahrenheit.to_s)[:time].si }
    expect(seconds).to eq(seconds.sort.reverse)
    seconds.each_cons(2) { |one, two| expect(one / two).to be < 1.2 }
  end

  it "calls a quiet train settled at its level, wherever its noise lies, and one that drifts not" do
    30.times do
      level = random.rand(20.0..120.0)
      quiet = (0..20).map { |t| { t:, value: level + random.rand(-0.3..0.3) } }
      result = calc(:settled_reading, samples: quiet, tolerance: "0.7", hold: "6")
      expect(result.outputs[:value]).to be_within(0.3).of(level)
      expect(result.outputs[:settled_at]).to eq(6)
      drifting =
        quiet.map { |sample| { t: sample[:t], value: sample[:value] + (sample[:t] * 0.6) } }
      expect(
        calc(:settled_reading, samples: drifting, tolerance: "0.7", hold: "6").outputs[:settled_at]
      ).to be_nil
    end
  end

  it "reads back every number that it writes, in every unit of its kind" do
    {
      pressure: %w[psi bar kPa],
      temperature: %w[degF degC],
      volume: %w[gal L],
      length: %w[in mm ft],
      power: %w[Btu/h kW]
    }.each do |kind, units|
      units.each do |unit|
        20.times do
          number = random.rand(1.0..90.0).round(2)
          quantity = Munimen::Measure::Quantity.parse("#{number} #{unit}", kind)
          expect(quantity.in(unit)).to be_within(1e-9).of(number)
        rescue Munimen::Error => e
          expect(e.code).to eq(:out_of_range)
        end
      end
    end
  end

  it "computes nothing from nonsense: each odd text is refused with its field, or read as a " \
     "number" do
    odd = [
      "",
      " ",
      "-",
      "--5",
      "5e",
      "0x10",
      "1_000",
      "٣",
      "5 5",
      "5;6",
      "<b>5</b>",
      "5 psi psi",
      "∞",
      "5\u0000",
      "1e400",
      "-1e400",
      "psi",
      "5,5,5",
      "1/",
      "/2",
      "½",
      "5%",
      "5'5'"
    ]
    odd.each do |text|
      value = Munimen::Measure::Quantity.parse(text, :pressure).si
      expect(value).to be_finite
    rescue Munimen::Error => e
      expect(e.field).to eq("pressure")
      expect(e.message.size).to be > 20
    end
  end
end
