# frozen_string_literal: true

# Switched off and still live: the circuit is not what it was taken for.
Munimen::Hazards::Hazard.define :wrong_circuit do
  title "What was switched off is still live"
  part :disconnect
  on { |heater| heater.feeds.any? }
  read dead_readings: :live, after_off: :live
  safe heat: :off, lock: :on
  bars :read_live_voltage
  repaired_by :find_isolator
  cleared_by :prove_dead
  source Munimen::Source.common_practice(
    "live after switching off: find the isolator that belongs to it, prove it dead at the heater"
  )
end
