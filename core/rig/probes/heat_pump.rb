# frozen_string_literal: true

# A heat pump on the bench.
probe = Munimen::Rig::Probe.method(:define)

probe.call(:heat_pump_mode) { rig.heat_pump.runs_by_mode? ? :heat_pump : :other }
probe.call(:heat_pump_filter) { rig.heat_pump.filter < 0.7 ? :choked : :clean }
probe.call(:heat_pump_air) { rig.heat_pump.cold? ? :cold : :mild }
probe.call(:heat_pump_drop) do
  running = rig(start: 298.15).run(900).heat_pump
  Munimen::Physics::HeatPump.drop(running.air - running.air_out)
end
probe.call(:leak_where) { rig.seen?(:condensate_blocked) ? :tray : nil }
