# frozen_string_literal: true

# Faults of pressure, draws and relief. Names are those of the causes in core/faults.
fault = ->(name, &block) { Munimen::Rig::Fault.define(name, &block) }
vessel = Munimen::Physics::Vessel

fault.call(:grit_on_seat) do |rig, severity|
  (rig.relief_valve.leak = 2e-6 * severity) && rig.show(:grit)
end
fault.call(:worn_seat) { |rig, severity| rig.relief_valve.leak = 4e-6 * severity }
fault.call(:membrane_failed) { |rig, _| rig.show(:water_at_air_valve) && rig.water.vessel = nil }
fault.call(:vessel_flat) do |rig, _|
  rig.water.vessel = vessel.new(volume: rig.water.vessel.volume, charge: 0.0)
end
fault.call(:vessel_low) do |rig, severity|
  rig.water.vessel =
    vessel.new(volume: rig.water.vessel.volume, charge: rig.water.static * (1 - (0.7 * severity)))
end
fault.call(:vessel_too_small) do |rig, severity|
  had = rig.water.vessel or next # its membrane has failed: it takes nothing, whatever its size
  rig.water.vessel = vessel.new(volume: had.volume * (1 - (0.9 * severity)), charge: had.charge)
end
fault.call(:bubble_lost) { |rig, _| rig.show(:bubble_old) && rig.water.vessel = nil }
fault.call(:no_expansion_control) { |rig, _| rig.show(:no_vessel) && rig.water.vessel = nil }
fault.call(:regulator_failed) do |rig, severity|
  rig.water.mains = 700_000.0 + (400_000 * severity) and rig.water.regulated = false
end
fault.call(:regulator_creep) do |rig, severity|
  rig.water.mains = 900_000.0 and rig.water.creep = 2e-7 * severity
end
fault.call(:supply_high) { |rig, severity| rig.water.mains = 700_000.0 + (400_000 * severity) }
fault.call(:reducer_failed) do |rig, severity|
  rig.water.mains = 600_000.0 + (300_000 * severity) and rig.water.regulated = false
end
fault.call(:backfeed) do |rig, severity|
  rig.water.backfeed = rig.water.reliefs.map(&:pressure).min * (0.9 + (0.15 * severity))
end
fault.call(:street_low) { |rig, severity| rig.water.mains = 200_000.0 * (1.2 - severity) }
fault.call(:regulator_low) { |rig, severity| rig.water.setting = 220_000.0 * (1.2 - severity) }
fault.call(:dip_tube_broken) { |rig, severity| rig.across = 0.25 + (0.25 * severity) }

# A relief valve that does not move is no cause of a complaint: it shows only when everything
# before it has failed.
fault.call(:expansion_relief_stuck) { |rig, _| rig.expansion_relief.stuck = true }
fault.call(:relief_stuck) { |rig, _| rig.relief_valve.stuck = true }
