# frozen_string_literal: true

require "socket"

# Simulated instruments: they read only where they are connected, and in the state the heater is in.
RSpec.describe Munimen::Rig::Instrument do
  def rig(kind = :gas_storage, **faults) = Munimen::Rig.new(heater(kind, regulator: "yes"), faults:)

  def use(id, rig, point, state: {}, **more)
    described_class::Use.new(id, rig, state:, **more).connect(point)
  end

  # What it shows once it has come to rest.
  def rest(use) = Array.new(40) { use.sample(1.0) }.last

  it "shows the system's pressure at the air valve of a live vessel, and the charge only at zero " \
     "(the commonest mistake)" do
    run = rig(vessel_low: 1)
    charge = run.water.vessel.charge
    expect(rest(use(:tire_gauge, run, :air_valve)).value).to be_within(8000).of(run.pressure)
    expect(
      rest(use(:tire_gauge, run, :air_valve, state: { heater_pressure: :zero })).value
    ).to be_within(8000).of(charge)
  end

  it "shows nonsense from the side of the generator's tip" do
    run = rig
    expect(rest(use(:millivolt_meter, run, :tip)).value).to be_within(0.001).of(0.026)
    meter = use(:millivolt_meter, run, :side)
    side = Array.new(30) { meter.sample(1).value }
    expect(side.max - side.min).to be > 0.003
    expect(side.sum / 30).to be < 0.012
  end

  it "settles, keeps its maximum, rounds to its digit, and overloads beyond its range" do
    run = rig
    gauge = use(:pressure_gauge, run, :house)
    first = gauge.sample(0.3).value
    expect(first).to be < run.pressure * 0.5
    rested = rest(gauge)
    expect(rested.value % 6894.757).to be_within(0.01).of(0).or be_within(0.01).of(6894.757)
    expect(rested.value).to be_within(9000).of(run.pressure)
    expect(gauge.maximum).to be >= rested.value
    run.water.mains = 2e6
    expect(rest(use(:pressure_gauge, run, :street)).flags).to eq([:overload])
    samples = Array.new(30) { |t| { t: t * 0.5, value: gauge.sample(0.5).value } }
    expect(
      calc(:settled_reading, samples:, tolerance: "7000", hold: "5").outputs[:settled_at]
    ).not_to be_nil
  end

  it "reads ohms only on what is dead, and says when its battery is low" do
    run = rig(:electric_storage)
    expect(rest(use(:multimeter_ohms, run, :upper)).flags).to eq([:overload])
    # 240² / 4500
    expect(
      rest(use(:multimeter_ohms, run, :upper, state: { "feed.heater": :proved_dead })).value
    ).to be_within(0.2).of(12.8)
    expect(use(:voltage_tester, run, :pair).sample.value).to eq(:live)
    expect(
      use(:voltage_tester, run, :pair, state: { "feed.heater": :proved_dead }).sample.value
    ).to eq(:zero)
    expect(
      rest(
        use(
          :insulation_tester,
          rig(:electric_storage, upper_element_earthed: 1).tap { |one| one.run(1) },
          :upper
        )
      ).value
    ).to be < 1e6
    expect(use(:manometer, rig, :inlet, battery: 0.1).sample.flags).to eq([:low_battery])
    expect(use(:manometer, rig, :inlet, battery: 0.0).sample).to have_attributes(
      value: nil,
      flags: [:open]
    )
    expect { use(:manometer, rig, :tap) }.to raise_error(Munimen::Error, /inlet, manifold/)
  end

  # What a fault is, the instruments show: with the tables of the finder.
  it "shows each measurable fault to the instrument that settles it" do
    expect(
      rest(use(:millivolt_meter, rig(thermocouple_weak: 1).tap { |run| run.run(120) }, :tip)).value
    ).to be < 0.02
    expect(use(:continuity_tester, rig(eco_open: 1), :cut_off).sample.value).to eq(:open)
    falling = rig(supply_low_load: 1).tap { |run| (run.running = 2e-4) && run.run(600) }
    healthy = rig.tap { |run| (run.running = 2e-4) && run.run(600) }
    inlet = ->(run) { rest(use(:manometer, run, :inlet)).value }
    expect([healthy, falling].map { |run| run.gas.burning }).to eq([true, true])
    expect(inlet[healthy] - inlet[falling]).to be > 250
    expect(
      rest(use(:pressure_gauge, rig(regulator_failed: 1).tap { |run| run.run(60) }, :house)).value
    ).to be > 552_000
  end

  it "answers lines in the manner of SCPI, and survives nonsense" do
    line = Munimen::Rig::InstrumentLine.new(
      described_class::Use.new(:manometer, rig),
      calibrated: "2026-01-31"
    )
    expect(line.answer("*IDN?\n")).to eq("Munimen,manometer,simulated,1")
    expect(line.answer("MEAS?")).to eq("9.91E37,OPEN")
    expect(
      [line.answer("rout:clos inlet"), line.answer("ROUT:CLOS?"), line.answer("ROUT:CAT?")]
    ).to eq(%w[OK inlet inlet,manifold])
    20.times { line.answer("MEAS? 1") }
    value, state = line.answer("MEAS? 1").split(",")
    expect([value.to_f, state]).to match([be_within(40).of(1742), "OK"])
    expect([line.answer("CONF?"), line.answer("CAL:DATE?"), line.answer("MAX?")]).to eq(
      %w[gas_pressure,-500.0,7500.0,2.5 2026-01-31 NONE]
    )
    expect(line.answer("ROUT:CLOS moon")).to start_with("-224")
    random = Random.new(4)
    300.times do
      expect(
        line.answer(Array.new(random.rand(0..20)) { random.rand(32..126).chr }.join)
      ).to be_nil.or(match(/\A-113|\A-224|OK|,/))
    end
  end

  it "is served over TCP, each connection a heater of its own" do
    server = Munimen::Cli::InstrumentServer.new(0)
    thread = Thread.new { server.serve }
    socket = TCPSocket.new("127.0.0.1", server.port)
    ask = ->(text) { [socket.puts(text), socket.gets.chomp].last }
    expect(ask["INST:CAT?"]).to include("manometer").and include("co_meter")
    expect([ask["INST manometer"], ask["*IDN?"], ask["ROUT:CLOS inlet"]]).to eq(
      %w[OK Munimen,manometer,simulated,1 OK]
    )
    15.times { ask["MEAS? 1"] }
    expect(ask["MEAS? 1"].split(",").first.to_f).to be_within(60).of(1742)
    expect([ask["INST moon"], ask["MEAS? soon"], ask["MEAS? -1"], ask["MEAS? 1e9"]]).to all(
      start_with("-224").and(match(/\A[\x20-\x7e]+\z/))
    )
  ensure
    socket&.close
    server&.stop
    thread&.kill
  end
end
