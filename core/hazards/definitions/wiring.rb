# frozen_string_literal: true

Munimen::Hazards::Hazard.define :wiring do
  title "A part that can be touched is, or can become, live"
  part :disconnect
  on { |heater| heater.electric_sources.any? }
  seen covers: %i[off scorched wet], grounding: :absent, flex: :bare
  read earth_continuity: :open
  safe heat: :off, feed: %i[off proved_dead], lock: :on
  bars :read_live_voltage
  repaired_by :mend_wiring
  cleared_by :prove_earth
  source Munimen::Source.published("NEC, BS 7671", "live parts and earth", clause: :from_memory)
end
