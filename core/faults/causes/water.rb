# frozen_string_literal: true

# Flow, noise, smell, colour, leaks.
cause = lambda do |id, *symptoms, &block|
  Munimen::Faults::Cause.define(id) { of(*symptoms) && instance_eval(&block) }
end

cause.call :strainer_blocked, :low_hot_flow do
  title "The strainer is blocked"
  prior :common
  on(&:unvented?)
  shows strainer: :blocked, reducer_flow: %i[falls holds]
  settled_by :strainer
  job :clean_strainer
  after "Flow rate again."
end
cause.call :reducer_starves, :low_hot_flow do
  title "The reducing valve starves the flow"
  on(&:unvented?)
  shows reducer_flow: :falls
  settled_by :reducer_flow, :strainer
  job :replace_inlet_group
  after "Pressure with no flow and with flow."
end
cause.call :check_valve_stuck, :low_hot_flow do
  title "A check valve sticks"
  shows check_valve: :stuck
  settled_by :check_valve
  after "Flow rate again."
end
cause.call :heat_trap_debris, :low_hot_flow do
  title "Heat-trap or dip-tube debris chokes a nipple"
  shows nipples: :blocked
  settled_by :nipples
  after "Flow rate; the dip tube whole?"
end
cause.call :shut_off_half, :low_hot_flow do
  title "The shut-off is half shut"
  prior :common
  shows shut_off: :half
  settled_by :shut_off
  after "Lever in line."
end
cause.call :one_outlet, :low_hot_flow do
  title "Only that {tap}: its cartridge or its strainer"
  prior :common
  shows other_taps: :fine
  settled_by :other_taps
  after "Grit loosened by work on the {heater}?"
end
cause.call :street_low, :low_flow_both do
  title "The {mains} is low"
  prior :common
  shows static_pressure: :low, upstream_flow: :falls
  settled_by :static_pressure, :upstream_flow
  after "Ask the supplier, and the neighbours."
end
cause.call :regulator_low, :low_flow_both do
  title "The regulator is set low, or sticks"
  shows static_pressure: :low
  settled_by :static_pressure, :upstream_flow
  after "Static pressure; then the {vessel}'s charge to it."
end
cause.call :main_valve_half, :low_flow_both do
  title "A valve in the {mains} is half shut"
  shows upstream_flow: :falls
  settled_by :static_pressure, :upstream_flow
  after "Flow rate again."
end

cause.call :sediment_boils, :noise do
  title "Sediment boils over the burner or round an {element}"
  prior :common
  shows noise_kind: :rumble, drain_sample: :heavy
  settled_by :noise_kind, :drain_sample
  job :flush
  after "Quiet at the next heating."
end
cause.call :scale_hisses, :noise do
  title "Scale on an {element}"
  on { |heater| !heater.electric_sources.empty? }
  shows noise_kind: :hiss
  settled_by :noise_kind
  job :descale_elements
  after "Ohms the same before and after."
end
cause.call :hammer, :noise do
  title "Water hammer: no cushion"
  shows noise_kind: :bang, charge: %i[right low flat]
  settled_by :noise_kind
  after "The {vessel}'s charge; an arrestor where there is none."
end
cause.call :pipe_expansion, :noise do
  title "Pipes creep as they warm"
  prior :common
  shows noise_kind: :knock
  settled_by :noise_kind
  after "Harmless: clips freed."
end
cause.call :anode_bacteria, :smell do
  title "Bacteria with a magnesium anode"
  prior :common
  shows smell_where: :hot_only
  settled_by :smell_where
  job :replace_anode
  after "Another alloy or a powered one; the temperature raised once."
end
cause.call :source_smells, :smell do
  title "The source water"
  shows smell_where: :both
  settled_by :smell_where
  after "Treatment of the supply."
end
cause.call :anode_gone, :rusty do
  title "The anode is gone"
  prior :common
  shows rust_where: :hot_only
  settled_by :rust_where, :rust_after
  job :replace_anode
  after "Clear after a flush; the tank may have begun."
end
cause.call :tank_rusts, :rusty do
  title "The tank rusts"
  because "Not repairable: it will leak."
  shows rust_where: :hot_only, rust_after: :brown
  settled_by :rust_where, :rust_after
  after "Replace the {heater}; claim first."
end
cause.call :mains_rust, :rusty do
  title "The {mains} or old iron pipes"
  shows rust_where: :both
  settled_by :rust_where
  after "Ask the supplier."
end

cause.call :drain_valve_leaks, :leak_below do
  title "The drain valve weeps"
  prior :common
  shows leak_where: :drain
  settled_by :leak_where
  job :replace_drain_valve
  after "Capped meanwhile; paper under it for a day."
end
cause.call :gasket_leaks, :leak_below do
  title "An {element}'s gasket leaks"
  on { |heater| !heater.electric_sources.empty? }
  shows leak_where: :gasket
  settled_by :leak_where
  job :replace_elements
  after "Dry under the cover; insulation again."
end
cause.call :discharge_wets, :leak_below do
  title "The {relief_valve}'s discharge"
  shows leak_where: :discharge
  settled_by :leak_where
  after "Why the valve lets go: look for “the {relief_valve} drips”."
end
cause.call :condensation, :leak_below do
  title "Condensation on a cold fill, or flue condensate"
  prior :common
  shows leak_where: :everywhere, stops_hot: :stops
  settled_by :leak_where, :stops_hot
  after "Stops when the tank is hot; if it comes again with gas, the flue."
end
cause.call :condensate_blocked, :leak_below do
  title "The condensate of the heat pump does not run away"
  prior :common
  on(&:heat_pump?)
  shows leak_where: :tray
  settled_by :leak_where
  job :heat_pump_service
  after "Half a litre poured into the tray runs away."
end
cause.call :joint_leaks, :leak_below do
  title "A joint above"
  prior :common
  shows leak_where: :joint
  settled_by :leak_where
  after "Dry paper round it at full pressure."
end
cause.call :tank_leaks, :leak_below do
  title "The tank itself: it is finished"
  because "Not repairable."
  shows leak_where: :under_jacket
  settled_by :leak_where, :stops_hot
  after "Replace the {heater}; claim first."
end
