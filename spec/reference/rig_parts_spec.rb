# frozen_string_literal: true

# The parts of the simulated heater, each against what it must do. Values: common practice unless
# a source is named.
RSpec.describe Munimen::Rig do
  def celsius(number) = number + 273.15

  def rig(kind = :gas_storage, faults: {}, start: nil)
    described_class.new(
      heater(kind, units: kind.start_with?("unvented") ? :england : :us, regulator: "yes"),
      faults:,
      start:
    )
  end

  describe described_class::Thermostat do
    it "opens at its setting and closes some degrees below it" do
      one = described_class.new(celsius(60), height: 0.2)
      expect([59, 60, 57, 54, 58].map { |degrees| one.closed?(celsius(degrees)) }).to eq(
        [true, false, false, true, true]
      )
    end

    it "stays open after it has tripped until somebody resets it by hand" do
      one = described_class.new(celsius(80), height: 0.9, reset: :by_hand)
      expect([79, 81, 20].map { |degrees| one.closed?(celsius(degrees)) }).to eq(
        [true, false, false]
      )
      one.reset
      expect(one.closed?(celsius(20))).to be(true)
    end
  end

  describe described_class::ReliefValve do
    it "lifts at its pressure, shuts a little below, lifts at its temperature, and does neither " \
       "when it is stuck" do
      valve = described_class.new(1_034_000.0, celsius(98.9))
      feel = ->(pressure, degrees = 20) { valve.feel(pressure, celsius(degrees)) }
      expect([feel[1_000_000], feel[1_040_000], feel[1_000_000], feel[970_000]]).to eq(
        [false, true, true, false]
      )
      expect([feel[400_000, 98], feel[400_000, 99], feel[400_000, 94], feel[400_000, 80]]).to eq(
        [false, true, true, false]
      )
      valve.stuck = true
      expect(feel[2_000_000, 120]).to be(false)
    end
  end

  describe described_class::Properties do
    it "agrees with the tables of water it was made from, both ways" do
      [4, 20, 45, 60, 82, 99, 130].each do |degrees|
        kelvin = celsius(degrees)
        expect(described_class.density(kelvin)).to be_within(0.02).of(
          Munimen::Physics::Water.density(kelvin)
        )
        expect(described_class.enthalpy(kelvin)).to be_within(30).of(
          Munimen::Physics::Water.enthalpy(kelvin)
        )
        expect(described_class.temperature(described_class.enthalpy(kelvin))).to be_within(0.02).of(
          kelvin
        )
      end
    end
  end

  it "gives the upper element priority: the lower heats when the upper is satisfied" do
    run = rig(:electric_storage, start: celsius(15))
    names = -> { run.elements.running(run.tank).map(&:name) }
    expect(names.call).to eq([:upper])
    run.run(60) until names.call == [:lower] || run.time > 4 * 3600
    expect(names.call).to eq([:lower])
    expect(run.tank.at(0.7)).to be > celsius(48)
    expect(run.tank.bottom).to be < celsius(45)
  end

  # V²/P, IEC 60335-1: half the voltage, a quarter of the power.
  it "heats with V²/R, and an element to earth through its unswitched leg at half the voltage" do
    run = rig(:electric_storage, start: celsius(15)).run(120)
    expect(run.sample.power).to be_within(1).of(4500)
    leaking = rig(:electric_storage, faults: { element_earthed_unswitched: 1 })
    leaking.turn_down
    leaking.run(120)
    expect(leaking.sample.power).to be_within(1).of((120.0**2) / (12.8 + 12.0))
  end

  # Handbook: 20–60 s until the generator is hot; 20–30 mV; the pilot drops when the magnet
  # lets go.
  it "holds a pilot after a minute, not after three seconds, and drops it without its generator" do
    cold = rig
    cold.gas.lit = false
    cold.gas.knob = :off
    cold.run(300)
    expect(cold.gas.voltage).to be < 0.001
    relight = lambda do |seconds|
      cold.gas.knob = :pilot
      cold.gas.pressed = true
      cold.gas.light
      cold.run(seconds)
      cold.gas.pressed = false
      cold.run(5).gas.lit
    end
    expect(relight[3]).to be(false)
    cold.run(120)
    expect(relight[45]).to be(true)
    expect(cold.run(60).gas.voltage).to be_between(0.020, 0.030)
  end

  # Natural gas: a healthy supply gives way by no more than half an inch of water (125 Pa).
  it "lets the inlet give way little on a sound supply, and far on a starved one, with the " \
     "manifold held as long as can be" do
    healthy = rig(start: celsius(15)).run(30).gas
    expect(healthy.line - healthy.inlet).to be_between(10, 125)
    expect(healthy.manifold).to be_within(1).of(872)
    starved = rig(start: celsius(15), faults: { supply_low_load: 1 }).run(30).gas
    expect(starved.line - starved.inlet).to be > 400
    expect(starved.manifold).to be < 850
    expect(starved.power).to be_within(0.02 * healthy.power).of(
      healthy.power * Math.sqrt(starved.manifold / 872)
    )
  end

  # Q = ṁ·cp·ΔT on the loop's side equals what the tank takes.
  it "balances the coil: flow times fall equals the heat given; fouled it gives less and returns " \
     "hotter" do
    clean = rig(:unvented_indirect, start: celsius(20)).run(60)
    coil = clean.coil
    expect(coil.flow * 4190 * (coil.flow_temperature - coil.return_temperature)).to be_within(
      clean.sample.power * 0.01
    ).of(clean.sample.power)
    fouled = rig(:unvented_indirect, start: celsius(20), faults: { coil_fouled: 1 }).run(60)
    expect(fouled.sample.power).to be < clean.sample.power * 0.4
    expect(fouled.coil.return_temperature).to be > coil.return_temperature
  end

  it "calls link by link: what stands behind an open one has no voltage" do
    chain = lambda do |fault|
      rig(:unvented_indirect, start: celsius(20), faults: { fault => 1 }).then do |one|
        one.coil.chain(one.tank).values
      end
    end
    expect(chain[:programmer_off]).to eq([false, false, false, false, false])
    expect(chain[:cut_out_popped]).to eq([true, false, false, false, false])
    expect(chain[:two_port_stuck]).to eq([true, true, false, false, false])
    expect(chain[:end_switch_failed]).to eq([true, true, true, false, false])
    expect(chain[:boiler_locked_out]).to eq([true, true, true, true, false])
  end

  it "lets warm water rise, keeps cold below in a draw, and cools by its jacket" do
    tank = described_class::Tank.new(0.19, celsius(20))
    tank.heat(2_000_000, from: 0.0, to: 0.1)
    tank.settle(10)
    expect(tank.temperatures).to eq(tank.temperatures.sort)
    before = tank.energy
    lost = tank.lose(2.6, celsius(10), 3600)
    expect(before - tank.energy).to be_within(1e-3).of(lost)
    hot = described_class::Tank.new(0.19, celsius(55))
    hot.draw(60, described_class::Properties.enthalpy(celsius(10)))
    hot.settle(1)
    expect([hot.top, hot.bottom]).to match([be_within(0.5).of(celsius(55)), be < celsius(15)])
  end

  it "lets go what heating trapped as soon as a tap runs, and stands at the supply again" do
    run = rig(start: celsius(20)).run(1800)
    expect(run.pressure).to be > run.water.static + 50_000
    run.running = 1e-4
    run.run(30)
    run.running = 0.0
    expect(run.run(4).pressure).to be_within(5000).of(run.water.static)
  end
end

RSpec.describe Munimen::Rig::StateApplier do
  def rig(faults = {}, **more) = Munimen::Rig.new(gas(vessel_volume: "2"), faults:, **more).run(600)

  it "shuts, lets the pressure down, lifts the lever, turns the dial, resets and lights, as " \
     "operations leave the heater" do
    made = rig
    obeys = described_class.new(made)
    obeys.to("heat.burner": :off, heater_supply: :shut, heater_pressure: :zero)
    expect(made.pressure).to be < 2_500 # nothing feeds it: a gauge rests at zero
    expect(made.run(3600).gas.burning).to be(false)
    obeys.to("heat.burner": :off, heater_supply: :open, heater_pressure: :live, relief: :open)
    before = made.relief_spilt
    expect(made.run(60).relief_spilt).to be > before + 1 # kg: a lifted valve runs
    obeys.to(
      "heat.burner": :on,
      heater_supply: :open,
      heater_pressure: :live,
      relief: :shut,
      dial: :changed
    )
    expect(made.gas.thermostat.setting).to eq(280)
    obeys.to(dial: :restored)
    expect(made.gas.thermostat.setting).to be > 320
  end

  # common practice: with a weak thermocouple the flame dies when the button is let go, with a
  # good one it stays.
  it "lights the pilot as the generator allows" do
    [[{}, true], [{ thermocouple_weak: 1.0 }, false]].each do |faults, holds|
      made = rig(faults)
      made.gas.lit = false
      described_class.new(made).to("heat.burner": :pilot, pilot_flame: :lit)
      expect(made.run(60).gas.lit).to be(holds)
    end
  end
end

RSpec.describe Munimen::Rig::WaterSide do
  # 15 psi fall-off at 15 gal/min, from memory: the pressure falls with the draw, and comes back
  # when it ends.
  it "has a regulator that droops with the flow, and a main that swings by the seed" do
    rig = Munimen::Rig.new(gas(regulator: "yes", vessel_volume: "2")).run(60)
    still = rig.pressure
    rig.running = 15 * 3.785411784e-3 / 60
    rig.run(20)
    expect(still - rig.pressure).to be_within(7_000).of(15 * 6894.757)
    rig.running = 0.0
    expect(rig.run(60).pressure).to be >= still - 100
    mains = ->(seed) { Munimen::Rig.new(gas, seed:, swing: 20_000).run(3600).water.mains }
    expect([mains[1], mains[1] == mains[2]]).to eq([mains[1], false])
  end
end

# Handbook §27: 4 to 8 K out of the air, a restart delay of some minutes; the high limit takes all
# heat away.
RSpec.describe Munimen::Rig::HeatPump do
  def celsius(number) = number + 273.15

  def rig(plate = {}, start: celsius(30), **more)
    Munimen::Rig.new(heater(:heat_pump, **plate), start:, **more)
  end

  # From a plug: no element on its feed.
  plug = { heat_pump_elements: "no", element_upper: nil, element_lower: nil }

  it "cools its air by the usual, stops with its feed, and waits before it starts again" do
    one = rig(plug)
    one.run(600)
    expect(one.heat_pump.air - one.heat_pump.air_out).to be_between(4, 8)
    before = one.given
    one.elements.supply = false
    expect(one.run(600).given).to eq(before)
    one.elements.supply = true
    expect(one.run(240).given).to eq(before)
    expect(one.run(240).given).to be > before
  end

  it "heats by its plate, without an element, and is dead with its breaker" do
    expect(rig(plug).elements.list).to eq([])
    expect(rig(plug).run(3600).given).to be_within(400_000).of(1500 * 3600)
    expect(rig(plug, faults: { supply_dead: 1.0 }).run(3600).given).to eq(0)
    expect(rig(plug, faults: { heat_pump_air_cold: 1.0 }).run(3600).given).to eq(0)
  end

  it "is stopped by the high limit where its thermostat does not open" do
    stuck = rig(faults: { thermostat_stuck: 1.0 }, start: celsius(60)).run(24 * 3600)
    expect([stuck.elements.high_limit.tripped, stuck.top]).to match([true, be < celsius(90)])
  end
end
