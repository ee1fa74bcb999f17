# frozen_string_literal: true

# Gas, electricity and the coil's chain on the bench.
probe = ->(test, &block) { Munimen::Rig::Probe.define(test, &block) }

probe.call :pilot_flame do
  gas = rig.gas
  if gas.intake < 0.6 then :lazy_yellow
  else gas.orifice < 0.7 ? :off_the_tip : :blue_on_tip
  end
end
probe.call :release do
  held = rig
  held.gas.pressed = true
  held.gas.gust = false # it is not windy every day
  held.gas.knob = :pilot
  held.gas.lit = held.gas.intake > 0.15
  held.run(60)
  held.gas.pressed = false
  held.run(4)
  next :dies_at_once unless held.gas.lit

  held.run(90).gas.lit ? :holds : :dies_soon
end
# Measured with the knob held in and the pilot burning, between two gusts.
generator = lambda do |bench, rig|
  rig.gas.gust = false
  rig.gas.pressed = rig.gas.lit = true
  bench.read(rig.run(90), :millivolt_meter, :tip) < rig.gas.good * 0.77 ? :weak : :good
end
probe.call(:generator) { generator[self, rig] }
probe.call :generator_cleaned do
  cleaned = rig
  cleaned.gas.generator = 1.0 if cleaned.seen?(:nut_loose)
  generator[self, cleaned]
end
probe.call(:eco) { read(rig, :continuity_tester, :cut_off) }
probe.call(:link) { read(rig, :continuity_tester, :link) }
probe.call(:door_open) { rig.gas.intake < 0.6 ? :holds : :same }
probe.call(:windy) { rig.gas.gust ? :yes : :no }
probe.call :turn_up do
  hot = rig(start: 293.15).run(30)
  if hot.gas.thermostat.setting < 300 then :lights # turned up, it would
  else hot.gas.valve.positive? && hot.gas.manifold > 100 ? :lights : :click
  end
end
probe.call(:control_kind) do
  heater.ignition == :pilot_thermopile ? :electronic : :plain
end
probe.call(:loaded) { rig.seen?(:low_under_load) ? :low : :enough }
probe.call(:status_light) { rig.seen?(:low_under_load) ? :dark : :blinking }
probe.call :manifold do
  hot = rig(start: 293.15)
  hot.gas.thermostat.setting = 330.0
  shown = read(hot.run(30), :manometer, :manifold)
  if shown < 50 then :zero
  else shown < hot.gas.plate * 0.85 ? :low : :plate
  end
end
probe.call :inlet_burning do
  hot = rig(start: 293.15)
  hot.gas.thermostat.setting = 330.0
  hot.gas.line - read(hot.run(30), :manometer, :inlet) > 125 ? :falls : :holds
end
probe.call(:drip_leg) { rig.seen?(:drip_leg_full) ? :full : :dry }
probe.call(:gas_clocked) { rig.gas.power < sound.gas.power * 0.9 ? :low : :plate }

probe.call :breaker do
  on = rig.run(10)
  if on.seen?(:breaker_off) then :off
  else on.elements.breaker ? :on : :trips_again
  end
end
probe.call :supply do
  one = rig.run(10).elements
  if one.legs == 1 then :one_leg
  else one.supply && one.breaker ? :live : :none
  end
end
probe.call(:high_limit) { rig.elements.high_limit.tripped ? :popped : :set }
probe.call(:time_switch) { rig.seen?(:time_switch_off) ? :off : :on }
probe.call(:upper_volts) do
  read(rig(start: 293.15).run(5), :multimeter_volts, :upper).then do |volts|
    volts > 100 ? :full : :none
  end
end
probe.call :lower_volts do
  warm = rig(start: 293.15)
  warm.elements.element(:upper)&.thermostat&.fault = :stuck_open
  read(warm.run(5), :multimeter_volts, :lower) > 100 ? :full : :none
end
%i[upper lower].each do |which|
  probe.call(:"#{which}_ohms") do
    read(rig, :multimeter_ohms, which, state: dead).then do |ohms|
      ohms == :overload || ohms > 100 ? :open : :rated
    end
  end
  probe.call(:"#{which}_earth") do
    read(rig, :insulation_tester, which, state: dead).then do |ohms|
      ohms.is_a?(Numeric) && ohms < 1e6 ? :earthed : :clear
    end
  end
end
probe.call(:passes_down) { rig.elements.passes_down ? :yes : :no }
probe.call(:drain_sample) { rig.seen?(:sediment) ? :heavy : :clear }
probe.call :trips_when do
  rig.run(10).elements.breaker ? nil : :at_once
end
{
  covers_wet: :dry,
  terminals: :tight,
  breaker_size: :right,
  wiring: :sound
}.each { |test, outcome| probe.call(test) { outcome } }

probe.call(:programmer) { rig.coil.programmer ? :on : :off }
probe.call(:cut_out) { rig.coil.cut_out.tripped ? :popped : :set }
chain = ->(bench) { bench.rig(start: 293.15).then { |one| one.coil.chain(one.tank) } }
probe.call(:stat_call) { chain[self][:call] ? :calls : :silent }
probe.call(:valve_opens) { chain[self][:valve] ? :opens : :shut }
probe.call(:end_switch) { chain[self][:end_switch] ? :fires : :silent }
probe.call(:boiler) { rig.coil.boiler ? :runs : :locked_out }
probe.call(:coil_flow) do
  read(rig(start: 293.15).run(120), :thermometer, :flow_pipe) > 340 ? :hot : :warm
end
probe.call :coil_return do
  cold = rig(start: 293.15).run(120)
  flow, back = %i[flow_pipe return_pipe].map { |pipe| read(cold, :thermometer, pipe) }
  if back < 300 then :cold
  else flow - back < (flow - 293.15) * 0.08 ? :as_hot : :cooler
  end
end
# A bare hand, 5 and 15 minutes after the start.
{ coil_flow_by_hand: :flow_pipe, coil_return_by_hand: :return_pipe }.each do |test, pipe|
  probe.call(test) do
    warming = rig(start: 293.15)
    soon, later = [300, 600].map do |seconds|
      Munimen::Physics::Touch.says(read(warming.run(seconds), :thermometer, pipe))
    end
    if soon == :cannot then :soon
    else { cannot: :later }.fetch(later, later)
    end
  end
end
probe.call(:pipes_swapped) { :right }
probe.call(:immersion_resets) { :set }
