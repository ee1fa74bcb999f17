# frozen_string_literal: true

# The simulated heater against closed forms, the calculations and the facts of the trade.
RSpec.describe Munimen::Rig do
  def rig(kind = :gas_storage, faults: {}, **more)
    start = more.delete(:start)
    rest = more.slice(:mains, :cold, :seed)
    described_class.new(
      heater(kind, units: kind.start_with?("unvented") ? :england : :us, **more.except(*rest.keys)),
      faults:,
      start:,
      **rest
    )
  end

  def celsius(number) = number + 273.15
  def in_psi(pascal) = pascal / 6894.757

  # Conservation: in every run, whatever fails and whatever is opened, mass and energy to 0.1 %
  # (here to rounding).
  it "keeps mass and energy in random runs with random faults, draws, levers and shut valves",
:long do
    random = Random.new(8)
    (15 * TRIES).times do
      kind = Build::KINDS.keys.sample(random:)
      run = rig(kind, start: celsius(random.rand(10..60)), seed: random.rand(1000))
      2.times do
        described_class::Fault.all.sample(random:).set(run, random.rand)
      rescue Munimen::Error => e
        expect(e.code).to eq(:not_applicable)
      end
      6.times do
        run.running = [0.0, 1e-4, 2.5e-4].sample(random:)
        run.water.open = random.rand < 0.85
        run.relief_valve.lever = random.rand < 0.1
        run.run(random.rand(60..2400))
      end
      expect(run.imbalance.max).to be < 1e-3, "#{kind}: #{run.imbalance}"
      expect([run.pressure, run.top]).to all(be_finite.and(be_positive.or(eq(0.0))))
    end
  end

  # ρ·V·(h2 − h1)/P, IF97 enthalpy; the pilot adds its share, the jacket takes its own.
  it "heats up in the time of the closed form" do
    run = rig(start: celsius(20), set_point: "140 degF")
    closed = Munimen::Physics::HeatUp.seconds(
      volume: run.tank.volume,
      power: (40_000 * 0.29307 * 0.8) + 175,
      cold: celsius(20),
      hot: celsius(45)
    )
    run.run(15) while run.tank.temperatures.sum / run.tank.temperatures.size < celsius(45)
    expect(run.time).to be_within(closed * 0.02).of(closed)
    gas = rig(start: celsius(20))
    first = gas.tank.energy
    gas.run(1800)
    expect(gas.tank.energy - first + gas.lost).to be_within(0.02 * gas.given).of(gas.given)
    # 40 000 Btu/h × 0.8, and the pilot
    expect(gas.given).to be_within(0.03 * 9378 * 1800).of((9378 + 175) * 1800)
  end

  # The same physics as `closed_system`: Boyle for the vessel, the give of tank and pipes.
  it "climbs as the closed-system calculation says, with a vessel and without" do
    ["2 gal", nil].each do |vessel|
      run = rig(
        vessel: vessel ? "external" : "none",
        vessel_volume: vessel,
        start: celsius(35),
        regulator: "yes"
      )
      run.relief_valve.stuck = true
      supply = run.pressure
      system = Munimen::Physics::ClosedSystem.new(
        volume: run.tank.volume,
        supply:,
        vessel: run.water.vessel
      )
      run.run(600)
      mean = run.tank.temperatures.sum / run.tank.temperatures.size
      expanded = run.tank.volume * Munimen::Physics::Water.expansion(celsius(35), mean)
      expect(run.pressure - supply).to be_within(0.05 * (run.pressure - supply)).of(
        system.pressure(expanded) - supply
      )
    end
  end

  # Common practice: 10–15 psi a minute from luke-warm without a vessel; relief within minutes,
  # long before it is hot, under a quart expanded; a few psi below its setting it shuts, and the
  # pressure drops at once.
  it "reaches relief within minutes without a vessel, and lets go a few psi at a time" do
    run = rig(vessel: "none", vessel_volume: nil, regulator: "yes", start: celsius(35))
    run.run(60)
    first = run.pressure
    run.run(180)
    expect(in_psi(run.pressure - first) / 3).to be_between(10, 15)
    run.run(15) until run.relief_valve.spilt.positive?
    expect(run.time).to be < 600
    expect(run.top).to be < celsius(49)
    expect(run.relief_valve.spilt).to be < 0.95
    peaks = []
    run.run(1200) { |sample| peaks << sample.pressure }
    expect(in_psi(peaks.max)).to be <= 151
    expect(in_psi(peaks.min)).to be >= 135
  end

  # Enthalpy of mixing: drawn hot and made up cold, the mean is that of the sums.
  it "mixes by energy, and a broken dip tube makes the hot luke-warm from the start" do
    run = rig(:electric_storage, start: celsius(50), faults: { supply_dead: 1 })
    run.running = 2e-4
    run.run(300)
    hot = Munimen::Rig::Properties.temperature(run.tank.energy / run.tank.mass)
    expect(hot).to be_within(0.6).of(celsius(50) - (40 * 0.06 / run.tank.volume))
    expect(run.top).to be_within(1).of(celsius(50))
    broken =
      rig(:electric_storage, start: celsius(50), faults: { dip_tube_broken: 1, supply_dead: 1 })
    broken.running = 2e-4
    broken.run(120)
    expect(broken.drawn).to be_within(1).of(celsius(30)) # half of it straight through, at 10 °C
    expect(run.drawn).to be_within(1).of(celsius(50))
  end

  # Handbook: the mains do not drip below the expansion relief's setting; then that holds it; then
  # the T&P.
  it "goes from tier to tier: reducing valve, expansion relief, T&P; thermostat, cut-out" do
    stages = described_class::WhatIf.new(
      heater(:unvented_indirect, units: :england),
      mains: 500_000.0
    ).pressure
    expect(stages.map(&:acts)).to eq([nil, nil, "{expansion_relief}", "{relief_valve}"])
    expect(stages.map { |stage| (stage.peak / 1e5).round(1) }).to match(
      [be_between(3, 3.6), be_between(5, 5.8), be_between(5.7, 6.1), be_between(6.6, 7.1)]
    )
    hot = described_class::WhatIf.new(heater(:unvented_direct, units: :england)).temperature
    expect(hot.map(&:acts)).to eq([nil, "{high_limit}"])
    gas = described_class::WhatIf.new(heater(:gas_storage)).temperature
    expect([gas.last.acts, gas.last.peak]).to match(
      ["energy cut-off", be_between(celsius(85), celsius(96))]
    )
  end

  # What a fault does is what the tables of causes say that it shows.
  it "shows on the simulated heater what the cause's table says" do
    {
      thermocouple_weak: false,
      eco_open: false,
      link_open: false,
      magnet_failed: false,
      intake_choked: false,
      down_draught: false
    }.each_key do |name|
      expect(rig(faults: { name => 1 }).run(120).gas.lit).to be(false), name.to_s
    end
    expect(rig.run(120).gas.lit).to be(true)
    expect(rig(faults: { magnet_failed: 1 }).gas.voltage).to be_within(0.001).of(0.026)
    %i[
      programmer_off
      cut_out_popped
      thermostat_open
      two_port_stuck
      end_switch_failed
      boiler_locked_out
      coil_airlocked
    ].each do |name|
      expect(
        rig(:unvented_indirect, faults: { name => 1 }, start: celsius(20)).run(600).given
      ).to eq(0),
      name.to_s
    end
    coil = rig(:unvented_indirect, faults: { coil_fouled: 1 }, start: celsius(20)).run(300).coil
    expect(coil.flow_temperature - coil.return_temperature).to be < 3
    %i[supply_dead leg_lost high_limit_tripped upper_thermostat upper_element_open].each do |name|
      expect(
        rig(:electric_storage, faults: { name => 1 }, start: celsius(20)).run(600).given
      ).to eq(0),
      name.to_s
    end
    little =
      rig(:electric_storage, faults: { lower_element_open: 1 }, start: celsius(20)).run(6 * 3600)
    expect([little.top, little.tank.bottom]).to match([be > celsius(44), be < celsius(25)])
    creeping = rig(regulator: "yes", faults: { regulator_creep: 1 }).run(4 * 3600)
    expect(in_psi(creeping.pressure)).to be > in_psi(creeping.water.static) + 10
  end

  it "goes the same way for the same seed, and knows at least 35 faults by the names of their " \
     "causes" do
    two = Array.new(2) do
      rig(faults: { vessel_low: 0.5 }, start: celsius(20), seed: 5).run(3000).sample.to_h
    end
    expect(two.first).to eq(two.last)
    causes = Munimen::Faults::Cause.all.map(&:id)
    expect((described_class::Fault.names & causes).size).to be >= 35
    expect { rig(:electric_storage, faults: { magnet_failed: 1 }) }.to raise_error(
      Munimen::Error,
      /cannot happen/
    )
  end
end
