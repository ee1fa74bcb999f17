# frozen_string_literal: true

module Munimen
  # A simulated heater: layers of water, its sources of heat with their controls, and the pressure
  # round it. Stepped by the clock with steps as long as the physics allow, the same for the same
  # seed. SI throughout.
  #
  #   rig = Rig.new(installation, faults: { vessel_flat: 1.0 })
  #   rig.run(3600) { |sample| … }
  class Rig
    ROOM = 293.15 # K
    LOSS_EACH = 8.0 # W/K and m2/3 of volume: the jacket; from memory, about 1.3 W/K for 50 gal
    # K below the set point at which elements beside a compressor come in; from memory
    BACK_UP = 8.0
    STEPS = { idle: 60.0, heating: 15.0, busy: 4.0 }.freeze # s

    # A moment: s, Pa, K at top, at the bottom, and the heat going in, W.
    Sample = Struct.new(:time, :pressure, :top, :bottom, :power, keyword_init: true)

    # drawn: K of what ran last.
    attr_reader :drawn, :heater, :tank, :water, :time, :gas, :elements, :coil, :heat_pump, :given,
                :lost
    # across: share of a draw that goes straight through; running: m3/s at the taps.
    attr_accessor :across, :running

    # heater: Heater::Installation. faults: {name => severity 0 to 1}. mains, cold, start: Pa, K,
    # K of the whole tank. swing: Pa that the main goes up and down, by the hour and by the seed.
    def initialize(heater, faults: {}, seed: 1, mains: nil, cold: 283.15, start: nil, swing: 0.0)
      @heater = heater
      @swing = Swing.new(swing, Random.new(seed))
      @time = 0.0
      @running = @across = 0.0
      @given = @lost = 0.0
      @tank = Tank.new(heater.capacity.si, start || heater.usual_set_point.si)
      @water = water_side(mains || (heater.unvented? ? 450_000.0 : 420_000.0), cold)
      plant
      @before = [mass, energy]
      faults.each { |name, severity| Fault[name].set(self, severity.to_f) }
    end

    def pressure = water.pressure
    # kg that the relief valves have let go.
    def relief_spilt = water.reliefs.sum(&:spilt)

    # Thermostats of its heat sources.
    def thermostats
      [gas&.thermostat, coil&.thermostat, heat_pump&.thermostat,
       *elements&.list&.map(&:thermostat)].compact
    end

    # Turns them all down; what is stuck or by-passed does not care.
    def turn_down = thermostats.each { |one| one.setting = 280.0 }
    # What anybody can see who looks there: facts that a fault leaves.
    def show(fact) = (@facts ||= []) << fact
    def seen?(fact) = (@facts || []).include?(fact)

    # Half the tank drawn, so that it heats.
    def tap_half
      @running = 1.5e-4
      run(tank.volume / 2 / running)
      @running = 0.0
      water.reliefs.each { |relief| relief.spilt = 0.0 }
      self
    end

    def top = tank.top
    def relief_valve = water.reliefs.first
    def expansion_relief = water.reliefs[1]
    def mass = tank.mass + water.mass
    def energy = tank.energy + water.energy

    # How far mass and energy are out, as shares of what stands in it and has gone through.
    def imbalance
      heat = [0.0, given - lost]
      [mass, energy].each_with_index.map do |now, i|
        should = @before[i] + water.through(i) + heat[i]
        (now - should).abs / (@before[i].abs + water.taken_in[i].abs + heat[i].abs)
      end
    end

    # Lets so many seconds go by; yields a Sample after each step.
    def run(seconds)
      ends = time + seconds
      while time < ends - 1e-6
        step([stride, ends - time].min)
        yield sample if block_given?
      end
      self
    end

    def sample = Sample.new(time:, pressure:, top:, bottom: tank.bottom, power: @power || 0.0)

    # One step of some seconds.
    def step(seconds)
      before = given
      @swing.on(water, time)
      draw(seconds)
      sources.each { |source| @given += source.heat(tank, seconds) }
      @power = (given - before) / seconds
      @lost += tank.lose(LOSS_EACH * (tank.volume**(2 / 3.0)), ROOM, seconds)
      tank.settle(seconds)
      water.take(*tank.fit(water.inlet))
      water.balance(seconds, tank)
      @time += seconds
    end

    private

    def sources = [gas, heat_pump, elements, coil].compact

    # Short while something runs or the pressure moves, longer the quieter it is.
    def stride
      if running.positive? || water.reliefs.any? { |relief| relief.lifted || relief.lever } ||
         gas&.pressed
        return STEPS[:busy]
      end
      return STEPS[:heating] if @power.nil? || @power > 500

      STEPS[:idle]
    end

    def draw(seconds)
      water.flow = running
      return unless running.positive? && pressure.positive?

      kilograms = running * Properties.density(top) * seconds
      kilograms = [kilograms, tank.mass * 0.5].min
      @drawn = Properties.temperature(water.draw(tank, kilograms, across:) / kilograms)
    end

    def water_side(mains, cold)
      setting = (
        if heater.unvented?
          (heater.regulator_setting || Measure::Quantity.of(3, "bar", :pressure)).si
        else
          (410_000.0 if heater.regulator == :yes)
        end
      )
      reliefs = [ReliefValve.new(heater.relief_pressure.si, heater.relief_temperature.si)]
      unless heater.expansion_relief == :no
        reliefs << ReliefValve.new(
          (heater.expansion_relief_pressure || Heater::Installation::EXPANSION_RELIEF_PRESSURE).si
        )
      end
      WaterSide.new(
        volume: tank.volume,
        mains:,
        setting:,
        check: heater.closed_system == :yes,
        reliefs:,
        cold:,
        vessel: vessel([setting || mains, mains].min)
      )
    end

    # The vessel charged to the supply; a bubble counts as one of a twelfth of the tank.
    def vessel(supply)
      case heater.vessel
      when :external
        Physics::Vessel.new(volume: heater.vessel_volume&.si || (tank.volume / 20), charge: supply)
      when :bubble
        Physics::Vessel.new(volume: tank.volume / 12, charge: supply)
      end
    end

    def plant
      setting = heater.usual_set_point.si
      if heater.gas?
        @gas = GasBurner.new(
          heater.input&.si || 11_720.0,
          setting,
          pile: heater.ignition == :pilot_thermopile,
          fuel: heater.fuel
        )
      elsif heater.coil?
        @coil = Coil.new(heater.coil_power&.si || 20_000.0, setting,
                         cut_out: heater.second_tier.si)
      else
        electric(setting)
      end
    end

    def electric(setting)
      behind = heater.heat_pump? ? BACK_UP : 0
      @elements = Elements.new(ratings, volts: heater.volts, setting: setting - behind,
                                        split: !heater.unvented?, limit: heater.second_tier.si)
      return unless heater.heat_pump?

      watts = heater.heating_power || heater.type.usual_power
      @heat_pump = HeatPump.new(watts, setting, feed: @elements)
    end

    # None where it has a feed, and no element on it.
    def ratings
      return {} if heater.electric_sources.empty?

      both = { upper: heater.element_upper&.si, lower: heater.element_lower&.si }.compact
      both.empty? ? { element: 4500.0 } : both
    end
  end
end
