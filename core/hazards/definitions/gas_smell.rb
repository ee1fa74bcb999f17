# frozen_string_literal: true

Munimen::Hazards::Hazard.define :gas_smell do
  title "Gas is escaping"
  part :gas_control
  on(&:gas?)
  seen gas_smell_seen: :smell
  read floor_smell: :gas
  evacuates
  safe heat: :off, cock: :shut
  bars :lock_off_power, :lock_off_immersion
  repaired_by :mend_gas_escape
  cleared_by :prove_gas_joints
  source Munimen::Source.published(
    "NFPA 54 and IGEM/G/11", "escape of gas", clause: :from_memory
  )
end
