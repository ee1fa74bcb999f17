# frozen_string_literal: true

# Pilot and burner. The control is only left when generator, cut-off and link have been proved:
# each of the others shows in a measurement, and the control in none.
cause = lambda do |id, symptoms, &block|
  Munimen::Faults::Cause.define(id) { of(*symptoms) && instance_eval(&block) }
end
pilot = %i[pilot_out]
burner = %i[no_burner]
drops = { release: %i[dies_at_once dies_soon] }

cause.call :thermocouple_weak, pilot do
  title "The thermocouple or thermopile is weak"
  prior :common
  shows generator: :weak, generator_cleaned: :weak, **drops
  settled_by :generator, :eco, :generator_cleaned
  job :replace_thermocouple
  after "The new one's voltage; the pilot timed for ten minutes."
end
cause.call :thermocouple_nut, pilot do
  title "Its nut is loose, or its tip dirty"
  prior :common
  shows generator: :weak, **drops
  settled_by :generator, :generator_cleaned
  after "Voltage again; the pilot timed."
end
cause.call :eco_open, pilot do
  title "The energy cut-off in the control is open"
  because "It opens once, from too much heat: find out why it overheated."
  shows eco: :open, **drops
  settled_by :generator, :eco
  job :replace_gas_control
  after "Soundness, three pressures; the {tap} temperature, since it overheated."
end
cause.call :link_open, pilot do
  title "The fusible link or vapor switch is open"
  because "The chamber overheated: a choked screen, as a rule."
  shows link: :open, **drops
  may :generator, :generator_cleaned
  settled_by :link
  job :clean_burner
  after "Screen and base clean; the pilot assembly is replaced as a whole."
end
cause.call :intake_choked, pilot do
  title "The intake screen or base filter is choked"
  prior :common
  shows pilot_flame: %i[lazy_yellow lifting], door_open: :holds, **drops
  may :generator, :generator_cleaned
  settled_by :pilot_flame, :door_open
  job :clean_burner
  after "Draught, worst case; the pilot timed."
end
cause.call :pilot_orifice, pilot do
  title "The pilot's orifice is dirty"
  shows pilot_flame: %i[off_the_tip lazy_yellow],
        generator: :weak,
        generator_cleaned: %i[weak good],
        **drops
  settled_by :pilot_flame, :door_open
  job :clean_burner
  after "The flame on the tip; the generator's voltage."
end
cause.call :magnet_failed, pilot do
  title "The control's magnet does not hold"
  shows(**drops)
  settled_by :generator, :eco, :link, :pilot_flame
  job :replace_gas_control
  after "Soundness, three pressures, functional test."
end
cause.call :down_draught, pilot do
  title "Down-draught blows it out"
  shows windy: :yes
  settled_by :windy, :release
  after "Draught, worst case, all fans on."
end
cause.call :gas_falls_pilot, pilot do
  title "The gas gives way when something else burns"
  prior :rare
  shows inlet_burning: :falls
  settled_by :inlet_burning, :release
  after "Inlet pressure with everything burning."
end

cause.call :dial_down, burner do
  title "It is turned down, or satisfied"
  prior :common
  shows dial: :low
  settled_by :dial, :turn_up
  after "{Tap} temperature at the usual mark."
end
cause.call :thermopile_loaded_low, burner do
  title "The thermopile gives too little under load"
  on { |heater| heater.ignition == :pilot_thermopile }
  shows loaded: :low, turn_up: %i[nothing click], status_light: %i[dark blinking], manifold: :zero
  settled_by :loaded
  job :replace_thermocouple
  after "Loaded voltage of the new one."
end
cause.call :control_stuck, burner do
  title "The gas control does not open"
  shows turn_up: %i[click nothing], manifold: :zero
  may :status_light # an electronic control that is dead is dark
  settled_by :generator, :manifold, :inlet_burning
  job :replace_gas_control
  after "Soundness, three pressures, functional test."
end
cause.call :supply_low_load, burner do
  title "The gas supply gives way under load"
  shows inlet_burning: :falls, manifold: %i[low zero]
  may :turn_up
  settled_by :inlet_burning, :drip_leg
  after "Inlet pressure with everything burning."
end
cause.call :drip_leg_full, burner do
  title "The drip leg is full"
  prior :rare
  shows inlet_burning: :falls, manifold: %i[low zero], drip_leg: :full
  may :turn_up
  settled_by :drip_leg
  after "Soundness; inlet pressure under load."
end
cause.call :burner_orifice, burner do
  title "The main burner's orifice is blocked"
  prior :rare
  shows turn_up: %i[click nothing]
  settled_by :manifold, :generator
  job :clean_burner
  after "The flame through the sight glass; input clocked."
end
