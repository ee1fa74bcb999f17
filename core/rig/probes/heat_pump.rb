# frozen_string_literal: true

# A heat pump on the bench.
probe = Munimen::Rig::Probe.method(:define)

probe.call(:heat_pump_mode) do
  %i[heat_pump hybrid].include?(rig.heat_pump.mode) ? :heat_pump : :other
end
probe.call(:heat_pump_filter) { rig.heat_pump.filter < 0.7 ? :choked : :clean }
probe.call(:heat_pump_air) { rig.heat_pump.air < Munimen::Rig::HeatPump::COLDEST ? :cold : :mild }
probe.call(:heat_pump_drop) do
  running = rig(start: 298.15).run(900).heat_pump
  kelvin = running.air - running.air_out
  if kelvin < 2 then :none
  else kelvin > 8 ? :more : :usual
  end
end
probe.call(:leak_where) { rig.seen?(:condensate_blocked) ? :tray : nil }
