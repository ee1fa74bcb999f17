# frozen_string_literal: true

# Electrical instruments. Ohms and insulation are only read on what is dead; on a live part they
# show overload.
dead = lambda do |rig, state|
  !rig.elements&.live? ||
    state.any? { |name, value| name.to_s.start_with?("feed.") && value == :proved_dead }
end
element = lambda do |rig, name|
  rig.elements&.element(name) || (rig.elements&.element(:element) if name == :lower)
end

Munimen::Rig::Instrument.define :multimeter_volts do
  title "Multimeter, volts"
  reads :voltage
  range(-750.0..750.0)
  resolution 0.1
  noise 0.4
  settling 0.3
  volts = lambda { |rig, state, name|
    if dead[rig, state]
      0.0
    else
      (rig.elements.running(rig.tank).include?(element[rig, name]) ? rig.elements.volts : 0.0)
    end
  }
  point(:supply) { |rig, state| rig.elements && (dead[rig, state] ? 0.0 : rig.elements.volts) }
  point(:upper) { |rig, state| volts[rig, state, :upper] }
  point(:lower) { |rig, state| volts[rig, state, :lower] }
end

Munimen::Rig::Instrument.define :multimeter_ohms do
  title "Multimeter, ohms"
  reads :resistance
  range 0.0..40e6
  resolution 0.1
  noise 0.05
  settling 0.4
  %i[upper lower].each do |name|
    point(name) do |rig, state|
      one = element[rig, name] or next
      one.open || !dead[rig, state] ? 1e9 : one.ohms
    end
  end
end

Munimen::Rig::Instrument.define :insulation_tester do
  title "Insulation tester, 500 V"
  reads :insulation
  range 0.0..1e9
  resolution 1e4
  settling 1.0
  %i[upper lower].each do |name|
    point(name) do |rig, state|
      one = element[rig, name] or next
      next 2e9 unless dead[rig, state] # beyond its range: it will not test a live part

      one.earth.finite? ? one.earth : 5e8
    end
  end
end

# A word, as its lamps show it: proved on its unit before and after, and on each pair.
Munimen::Rig::Instrument.define :voltage_tester do
  title "Two-pole tester with proving unit"
  reads :word
  range 0.0..1.0
  resolution 1.0
  point(:proving_unit) { |_, _| :works }
  point(:pair) { |rig, state| rig.elements && (dead[rig, state] ? :zero : :live) }
end
