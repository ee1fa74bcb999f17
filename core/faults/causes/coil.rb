# frozen_string_literal: true

# The control chain from programmer to boiler, and the coil. What stands before a link that is
# open is in order; what comes after it is without a call.
cause = lambda do |id, symptoms = %i[no_hot_coil], &block|
  Munimen::Faults::Cause.define(id) { of(*symptoms) && instance_eval(&block) }
end
uncalled = { stat_call: :silent, valve_opens: :shut, coil_flow: :warm }

cause.call :programmer_off do
  title "The programmer is off"
  prior :common
  shows programmer: :off, **uncalled
  may :draw_shape, :coil_return, :end_switch
  settled_by :programmer
  after "Its hours as the customer wants them."
end
cause.call :cut_out_popped do
  title "The energy cut-out has popped"
  prior :common
  because "It is never only reset: find out why it was too hot."
  shows cut_out: :popped, **uncalled
  may :draw_shape, :coil_return, :end_switch
  settled_by :cut_out
  after "The thermostat stops the heat; tiers in order."
end
cause.call :thermostat_open do
  title "The thermostat does not call"
  shows(**uncalled)
  may :draw_shape, :coil_return, :end_switch
  settled_by :programmer, :cut_out, :stat_call
  job :fit_cylinder_thermostat
  after "The functional test of the chain."
end
cause.call :two_port_stuck do
  title "The {two_port} does not open"
  prior :common
  on { |heater| heater.coil_control != :circulator }
  shows valve_opens: :shut, coil_flow: :warm
  may :draw_shape, :coil_return, :end_switch
  settled_by :stat_call, :valve_opens
  after "Opens, fires, shuts: the functional test."
end
cause.call :end_switch_failed do
  title "The {two_port}'s end switch does not fire the boiler"
  on { |heater| heater.coil_control != :circulator }
  shows end_switch: :silent, coil_flow: :warm
  may :draw_shape, :coil_return
  settled_by :valve_opens, :end_switch
  after "The functional test."
end
cause.call :boiler_locked_out do
  title "The boiler has locked out"
  prior :common
  shows boiler: :locked_out, coil_flow: :warm
  may :draw_shape, :coil_return
  settled_by :boiler
  after "The boiler's own fault first."
end
cause.call :boiler_cool do
  title "The boiler sends too little, or too cool"
  prior :rare
  shows coil_flow: :warm
  may :draw_shape, :coil_return
  settled_by :boiler, :end_switch, :coil_flow
  after "Flow and temperature at the coil."
end
cause.call :coil_airlocked do
  title "The coil is air-locked"
  shows coil_flow: %i[hot warm], coil_return: :cold
  may :draw_shape
  settled_by :coil_flow, :coil_return
  after "Purge the loop, the other zones shut."
end
cause.call :coil_fouled, %i[no_hot_coil runs_out] do
  title "The coil is fouled"
  on(&:coil?)
  shows coil_return: :as_hot, draw_shape: %i[sharp short]
  settled_by :coil_flow, :coil_return
  job :clean_coil
  after "Before and after on one line."
end
cause.call :coil_pipes_swapped do
  title "Flow and return are swapped"
  prior :rare
  shows pipes_swapped: :swapped, coil_return: %i[as_hot cooler]
  settled_by :pipes_swapped
  after "The coil's output again."
end
cause.call :immersion_cut_out do
  title "The immersion's cut-out has popped, and the boiler was not meant to heat"
  on(&:immersion?)
  prior :rare
  shows immersion_resets: :popped, programmer: %i[off on]
  may :stat_call, :valve_opens, :coil_flow, :coil_return, :end_switch
  settled_by :immersion_resets
  after "Why it popped: its thermostat, scale, a dry top."
end
