# frozen_string_literal: true

# The circuit is never opened here. Handbook §27: treat as flammable and suffocating; isolate from
# another room only.
Munimen::Hazards::Hazard.define :refrigerant do
  title "Refrigerant may be escaping"
  part :compressor
  on(&:heat_pump?)
  seen refrigerant: :suspected
  evacuates
  safe heat: :off
  read circuit_tight: :not_shown
  cleared_by :see_circuit_tight
  source Munimen::Source.published("EN 378, ASHRAE 15", "flammable and suffocating refrigerants",
                                   clause: :from_memory)
end
