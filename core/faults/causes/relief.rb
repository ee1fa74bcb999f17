# frozen_string_literal: true

# Why a relief valve drips.
cause = lambda do |id, &block|
  Munimen::Faults::Cause.define(id) { of(:relief_drips) && instance_eval(&block) }
end
closed = ->(heater) { heater.closed_system != :no }
vessel = ->(heater) { heater.vessel? && closed.call(heater) }
# The valve in the hot top of a tank lets hot water go whatever lifts it; only an expansion relief
# valve on the cold inlet stays cold.
hot_top = ->(heater) { !heater.unvented? }
pressure = { drip_when: :on_heat_up, drip_temperature: :cold, lever_wash: :stays }
standing = { drip_temperature: :cold, lever_wash: :stays }
# A charge that was right is low against the pressure that has risen; a relief that runs lets cold
# water in.
raised = { charge: %i[right low], tap_temperature: %i[as_set below], **standing }

cause.call :grit_on_seat do
  title "Grit on the {relief_valve}'s seat"
  part :relief_valve
  shows drip_when: %i[after_exercise all_day], lever_wash: :dry
  settled_by :lever_wash
  after "Ten seconds dry; the house rule says whether washing counts as a cure."
end
cause.call :worn_seat do
  title "The {relief_valve}'s seat is worn"
  because "Pressure and temperature are in order, washing does not help: what is left is the valve."
  part :relief_valve
  shows drip_when: %i[all_day after_exercise], lever_wash: :stays
  settled_by :lever_wash, :static_pressure, :hot_peak, :tap_temperature
  job :replace_relief_valve
  after "Exercise the new one; photograph its plate."
end
cause.call :membrane_failed do
  title "The {vessel}'s membrane has failed"
  part :expansion_control
  on(&vessel)
  shows hot_peak: :at_relief, air_valve: :water, **pressure
  may :charge, :night_creep
  may :drip_temperature, on: hot_top
  settled_by :air_valve
  job :replace_vessel
  after "Hot peak again; the charge once more in a week."
end
cause.call :vessel_flat do
  title "The {vessel} has lost its charge"
  part :expansion_control
  prior :common
  on(&vessel)
  shows hot_peak: %i[at_relief risen], charge: :flat, air_valve: %i[nothing air], **pressure
  may :night_creep
  may :drip_temperature, on: hot_top
  settled_by :charge, :air_valve
  job :charge_recheck
  after "Hot peak again; re-check the charge in a week: dropped again, the {vessel} leaks."
end
cause.call :vessel_low do
  title "The {vessel}'s charge is low"
  part :expansion_control
  prior :common
  on(&vessel)
  shows hot_peak: %i[at_relief risen], charge: :low, **pressure
  may :drip_temperature, on: hot_top
  settled_by :charge, :air_valve
  job :charge_recheck
  after "Hot peak again; re-check the charge in a week."
end
cause.call :vessel_too_small do
  title "The {vessel} is too small for this tank"
  on(&vessel)
  shows hot_peak: %i[at_relief risen], vessel_size: :small, **pressure
  may :drip_temperature, on: hot_top
  may :hot_peak, :night_creep
  settled_by :vessel_size, :charge, :air_valve
  job :replace_vessel
  after "Hot peak with the larger {vessel}; the charge once more in a week."
end
cause.call :no_expansion_control do
  title "A closed system with nothing to take up the expansion"
  part :expansion_control
  prior :common
  on { |heater| closed.call(heater) && %i[none unknown].include?(heater.vessel) }
  shows hot_peak: :at_relief, **pressure
  may :drip_temperature, on: hot_top
  settled_by :hot_peak, :vessel_present
  job :replace_vessel
  after "Hot peak with the new {vessel}."
end
cause.call :bubble_lost do
  title "The air bubble has dissolved"
  part :expansion_control
  prior :common
  on { |heater| heater.vessel == :bubble }
  shows hot_peak: :at_relief, bubble_age: %i[long_ago recent], **pressure
  settled_by :hot_peak
  job :renew_bubble
  after "Hot peak again; the bubble every 18 months."
end
cause.call :regulator_failed do
  title "The pressure regulator lets the {mains} through"
  part :regulator
  on { |heater| !heater.unvented? && heater.regulator != :no }
  shows drip_when: %i[night all_day on_heat_up],
        static_pressure: :high,
        night_creep: %i[rises steady],
        **raised
  may :hot_peak
  may :drip_temperature, on: hot_top
  settled_by :static_pressure
  after "Static and hot peak with the new regulator; then the {vessel}'s charge to it."
end
cause.call :regulator_creep do
  title "The pressure regulator creeps"
  part :regulator
  on { |heater| !heater.unvented? && heater.regulator != :no }
  shows drip_when: :night, static_pressure: %i[normal high], night_creep: :rises, **raised
  may :hot_peak
  may :drip_temperature, on: hot_top
  settled_by :night_creep, :static_pressure
  after "The maximum hand overnight with the new regulator."
end
cause.call :supply_high do
  title "The supply is too high, and nothing reduces it"
  part :regulator
  on { |heater| !heater.unvented? && heater.regulator != :yes }
  shows drip_when: %i[night all_day], static_pressure: :high, **raised
  may :hot_peak, :night_creep
  may :drip_temperature, on: hot_top
  settled_by :static_pressure
  after "Static and hot peak behind the new regulator: it makes the system closed."
end
cause.call :backfeed do
  title "A balanced cold branch feeds the {mains} back in"
  on(&:unvented?)
  shows drip_when: %i[all_day night on_heat_up],
        static_pressure: :high,
        mains_off: :rises,
        **standing
  may :hot_peak
  may :drip_temperature, on: hot_top
  settled_by :mains_off
  after "Pressure with the {mains} shut, every branch isolated in turn."
end
cause.call :reducer_failed do
  title "The inlet group's reducing valve or check has failed"
  part :regulator
  on(&:unvented?)
  shows drip_when: %i[night all_day],
        static_pressure: :high,
        group_pressure: :mains,
        **raised
  may :hot_peak
  may :drip_temperature, on: hot_top
  settled_by :group_pressure
  job :replace_inlet_group
  after "Pressure after the group, with no flow and with flow."
end
