# frozen_string_literal: true

# Pressure, drips and temperature on the bench. Limits are those of the tests
# (core/faults/tests/pressure.rb).
probe = ->(test, &block) { Munimen::Rig::Probe.define(test, &block) }

# Left alone for two hours, then heated: when did it let go?
probe.call :drip_when do
  quiet = rig
  quiet.run(600)
  first = quiet.relief_spilt
  quiet.run(8 * 3600)
  idle = quiet.relief_spilt
  hot = heating
  before = hot.relief_spilt
  hot.run(5400)
  if first > 0.01 then :all_day
  elsif idle > 0.05 then :night
  elsif hot.relief_spilt > before + 0.01 then :on_heat_up
  end
end
probe.call :drip_temperature do
  hot = heating
  hot.run(3 * 3600)
  next unless hot.relief_spilt.positive?

  hot.top > heater.usual_set_point.si + 12 ? :hot : :cold
end
probe.call :static_pressure do
  settled = rig
  settled.running = 1e-4 # what heating has trapped is let go first
  settled.run(20)
  settled.running = 0.0
  shown = read(settled.run(60), :pressure_gauge, :house)
  normal = sound.water.static
  next :high if shown == :overload || shown > [552_000, normal * 1.2].min

  if shown < (heater.unvented? ? 180_000 : 276_000)
    :low
  else
    :normal
  end
end
probe.call :night_creep do
  quiet = rig
  quiet.turn_down # what heat raises is another matter
  quiet.run(60)
  before = read(quiet, :pressure_gauge, :house)
  read(quiet.run(6 * 3600), :pressure_gauge, :house).then do |after|
    after == :overload || after > before + 50_000 ? :rises : :steady
  end
end
probe.call :hot_peak do
  hot = heating
  before = hot.pressure
  peak = before
  hot.run(5400) { |sample| peak = sample.pressure if sample.pressure > peak }
  # A seat that leaks spills as well: the relief acts where its own pressure was reached.
  opens = heater.first_relief_pressure.si * 0.95
  next :at_relief if hot.relief_spilt > 0.01 && peak > [before + 50_000, opens].max

  peak > before + 140_000 ? :risen : :normal
end
probe.call :charge do
  quiet = rig
  next unless quiet.water.vessel

  share =
    read(quiet, :tire_gauge, :air_valve, state: { heater_pressure: :zero }) / quiet.water.static
  if share < 0.25 then :flat
  else share < 0.9 ? :low : :right
  end
end
probe.call :air_valve do
  quiet = rig
  next :water if quiet.seen?(:water_at_air_valve)

  quiet.water.vessel && quiet.water.vessel.charge < 10_000 ? :nothing : :air
end
probe.call(:vessel_present) { rig.seen?(:no_vessel) || heater.vessel == :none ? :none : :present }
probe.call(:vessel_size) do
  fitted = rig.water.vessel or next
  fitted.volume < sound.water.vessel.volume * 0.9 ? :small : :enough
end
probe.call(:regulator_present) { heater.regulator == :no ? :none : :present }
probe.call(:check_present) { heater.backflow == :yes ? :present : :none }
probe.call(:bubble_age) { rig.seen?(:bubble_old) ? :long_ago : :recent }
probe.call(:lever_wash) { rig.seen?(:grit) ? :dry : :stays }
probe.call(:group_pressure) do
  if read(rig.run(60), :pressure_gauge, :house) > sound.water.static * 1.2 &&
     rig.water.backfeed.nil?
    :mains
  else
    :setting
  end
end
probe.call(:mains_off) { rig.water.backfeed ? :rises : :holds }
probe.call :tap_temperature do
  hot = rig.run(4 * 3600)
  hot.running = 1e-4
  hot.run(30)
  shown = read(hot, :thermometer, :tap)
  set = heater.usual_set_point.si
  if shown > set + 12 then :above
  else shown < set - 10 ? :below : :as_set
  end
end
probe.call :thermostat_down do
  hot = heating
  hot.turn_down
  before = hot.given
  hot.run(600)
  hot.given - before > 600 * 700 ? :goes_on : :stops
end
probe.call(:stat_contacts) do
  rig.thermostats.any? { |one| one.fault == :stuck_closed } ? :closed : :open
end
probe.call :dial do
  shift = rig.thermostats.first.setting - sound.thermostats.first.setting
  if shift > 5 then :high
  else shift < -5 ? :low : :usual
  end
end
probe.call(:draws) { :usual }
probe.call(:upstream_flow) { rig.water.mains < 250_000 ? :falls : :holds }
probe.call(:draw_shape) do
  hot = rig(start: 288.15).run(5 * 3600)
  hot.running = 2e-4
  hot.run(30)
  next :luke_warm if hot.drawn < hot.top - 5

  share = 0.0
  share += 1 while hot.run(60).drawn > hot.thermostats.first.setting - 8 && share < 200
  share * 60 * 2e-4 < heater.capacity.si * 0.45 ? :short : :sharp
end
probe.call(:dip_tube) { rig.across.positive? ? :broken : :whole }
probe.call(:nipples) { :clear }
%i[supply_shut_runs pipes_warm hot_cold].each do |test|
  probe.call(test) { Munimen::Faults::Test[test].normal }
end
