# frozen_string_literal: true

# Faults of gas, elements, coil and their controls. Names are those of the causes in core/faults.
fault = ->(name, &block) { Munimen::Rig::Fault.define(name, &block) }
thermostats = :thermostats.to_proc

fault.call(:thermostat_stuck) { |rig, _| thermostats[rig].each { |one| one.fault = :stuck_closed } }
fault.call(:thermostat_bypassed) { |rig, _| rig.coil.bypass = true }
fault.call(:set_high) do |rig, severity|
  thermostats[rig].each { |one| one.setting += 10 + (15 * severity) }
end
fault.call(:set_low) do |rig, severity|
  thermostats[rig].each { |one| one.setting -= 8 + (10 * severity) }
end

fault.call(:thermocouple_weak) { |rig, severity| rig.gas.generator = 0.7 - (0.5 * severity) }
fault.call(:thermocouple_nut) do |rig, severity|
  (rig.gas.generator = 0.6 - (0.4 * severity)) && rig.show(:nut_loose)
end
fault.call(:eco_open) { |rig, _| rig.gas.eco = false }
fault.call(:link_open) { |rig, _| rig.gas.link = false }
fault.call(:intake_choked) { |rig, severity| rig.gas.intake = 0.5 - (0.3 * severity) }
fault.call(:pilot_orifice) { |rig, severity| rig.gas.orifice = 0.6 - (0.4 * severity) }
fault.call(:magnet_failed) { |rig, _| rig.gas.magnet = 0.0 }
fault.call(:down_draught) { |rig, _| rig.gas.gust = true }
fault.call(:thermopile_loaded_low) { |rig, _| (rig.gas.valve = 0.0) && rig.show(:low_under_load) }
fault.call(:control_stuck) { |rig, _| rig.gas.valve = 0.0 }
fault.call(:supply_low_load) { |rig, severity| rig.gas.drop = 500 + (1000 * severity) }
fault.call(:drip_leg_full) do |rig, severity|
  (rig.gas.drop = 700 + (1000 * severity)) && rig.show(:drip_leg_full)
end
fault.call(:gas_input_low) do |rig, severity|
  rig.gas.manifold_set = rig.gas.plate * (1 - (0.5 * severity))
end
fault.call(:dial_down) { |rig, _| rig.gas.thermostat.setting = 290.0 }

fault.call(:supply_dead) { |rig, _| rig.show(:breaker_off) && rig.elements.supply = false }
fault.call(:leg_lost) { |rig, _| rig.elements.legs = 1 }
fault.call(:high_limit_tripped) { |rig, _| rig.elements.high_limit.closed?(400.0) }
# Neither to its own element nor on to the lower.
fault.call(:upper_thermostat) do |rig, _|
  (rig.elements.element(:upper).thermostat.fault = :stuck_open) &&
    (rig.elements.passes_down = false) == false
end
fault.call(:upper_element_open) { |rig, _| rig.elements.element(:upper).open = true }
fault.call(:lower_element_open) { |rig, _| rig.elements.element(:lower).open = true }
fault.call(:lower_thermostat) do |rig, _|
  rig.elements.element(:lower).thermostat.fault = :stuck_open
end
fault.call(:upper_does_not_pass) { |rig, _| rig.elements.passes_down = false }
fault.call(:upper_element_earthed) { |rig, _| rig.elements.element(:upper).earth = 1.0 }
fault.call(:lower_element_earthed) { |rig, _| rig.elements.element(:lower).earth = 1.0 }
fault.call(:element_earthed_unswitched) do |rig, severity|
  rig.elements.element(:lower).earth = 60.0 * (1.2 - severity)
end
fault.call(:scale_buries_lower) do |rig, severity|
  (rig.elements.element(:lower).transfer = 1 - (0.7 * severity)) && rig.show(:sediment)
end
fault.call(:time_switch_off) { |rig, _| rig.show(:time_switch_off) && rig.elements.supply = false }

fault.call(:programmer_off) { |rig, _| rig.coil.programmer = false }
fault.call(:cut_out_popped) { |rig, _| rig.coil.cut_out.closed?(400.0) }
fault.call(:thermostat_open) { |rig, _| rig.coil.thermostat.fault = :stuck_open }
fault.call(:two_port_stuck) { |rig, _| rig.coil.valve = false }
fault.call(:end_switch_failed) { |rig, _| rig.coil.end_switch = false }
fault.call(:boiler_locked_out) { |rig, _| rig.coil.boiler = false }
fault.call(:boiler_cool) { |rig, severity| rig.coil.boiler_flow -= 20 + (10 * severity) }
fault.call(:coil_airlocked) { |rig, _| rig.coil.air = true }
fault.call(:coil_fouled) { |rig, severity| rig.coil.fouling = 0.4 - (0.3 * severity) }
