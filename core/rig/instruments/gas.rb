# frozen_string_literal: true

# Gas and exhaust. Ranges and settling of common hand instruments; from memory.
Munimen::Rig::Instrument.define :manometer do
  title "Manometer"
  reads :gas_pressure
  range(-500.0..7500.0)
  resolution 2.5
  noise 4.0
  settling 1.5
  point(:inlet) { |rig, state| state[:test_points] == :shut ? 0.0 : rig.gas&.inlet }
  point(:manifold) do |rig, state|
    if state[:test_points] == :shut
      0.0
    else
      (rig.gas&.burning ? rig.gas.manifold : 0.0)
    end
  end
end

# On the tip it reads the generator; on its side it reads nonsense.
Munimen::Rig::Instrument.define :millivolt_meter do
  title "Millivolt meter"
  reads :generator_voltage
  range(-2.0..2.0)
  resolution 0.0001
  noise 0.0001
  settling 0.3
  point(:tip) { |rig, _| rig.gas&.voltage }
  point(:loaded) { |rig, _| rig.gas && (rig.gas.at_magnet * 0.55) }
  point(:side, noise: 0.004) { |rig, _| rig.gas && (rig.gas.voltage * 0.2) }
end

Munimen::Rig::Instrument.define :continuity_tester do
  title "Continuity tester"
  reads :word
  range 0.0..1.0
  resolution 1.0
  point(:cut_off) { |rig, _| rig.gas && (rig.gas.eco ? :continuous : :open) }
  point(:link) { |rig, _| rig.gas && (rig.gas.link ? :continuous : :open) }
end

# Parts in a million: clean but for a choked burner in a closed room.
Munimen::Rig::Instrument.define :co_meter do
  title "CO meter"
  reads :carbon_monoxide
  range 0.0..0.002
  resolution 1e-6
  noise 4e-7
  settling 25.0
  point(:room) do |rig, _|
    rig.gas&.burning && rig.gas.intake < 0.6 ? (0.6 - rig.gas.intake) * 1e-4 : 0.0
  end
end

# What a burner makes of its gas: 9 % CO2 and 60 ppm CO where its intake is free; starved of air it
# makes more of both, CO by far the most. From memory.
burning = ->(rig) { rig.gas&.burning }
starved = ->(rig) { [1.0 - rig.gas.intake, 0.0].max }

Munimen::Rig::Instrument.define :flue_co_analyser do
  title "Combustion analyser, CO"
  reads :carbon_monoxide
  range 0.0..0.01
  resolution 1e-6
  noise 2e-6
  settling 20.0
  point(:flue) do |rig, _|
    rig.gas && (burning.call(rig) ? 6e-5 * Math.exp(6 * starved.call(rig)) : 0.0)
  end
end

Munimen::Rig::Instrument.define :flue_co2_analyser do
  title "Combustion analyser, CO2"
  reads :carbon_dioxide
  range 0.0..0.2
  resolution 0.001
  noise 0.001
  settling 20.0
  point(:flue) do |rig, _|
    rig.gas && (burning.call(rig) ? 0.09 * (1 + (0.2 * starved.call(rig))) : 0.0004)
  end
end
