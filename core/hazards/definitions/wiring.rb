# frozen_string_literal: true

Munimen::Hazards::Hazard.define :wiring do
  title "A part that can be touched is, or can become, live"
  part :disconnect
  on { |heater| heater.feeds.any? }
  seen covers: %i[off scorched], grounding: :absent, flex: :bare, leak: :terminals
  read earth_continuity: :open
  safe heat: :off, feed: %i[off proved_dead], lock: :on
  bars :read_live_voltage
  repaired_by :mend_wiring
  cleared_by :measure_elements, :prove_earth
  source Munimen::Source.published("NEC, BS 7671", "live parts and earth", clause: :from_memory)
end
