# frozen_string_literal: true

# Faults of a heat pump's air and compressor. Names are those of the causes in core/faults.
fault = Munimen::Rig::Fault.method(:define)

fault.call(:filter_choked) { |rig, severity| rig.heat_pump.filter = 0.6 - (0.3 * severity) }
fault.call(:heat_pump_air_cold) { |rig, _| rig.heat_pump.air = 276.0 }
fault.call(:heat_pump_on_vacation) { |rig, _| rig.heat_pump.mode = :vacation }
fault.call(:compressor_failed) { |rig, _| rig.heat_pump.works = false }
fault.call(:condensate_blocked) { |rig, _| rig.show(:condensate_blocked) }
