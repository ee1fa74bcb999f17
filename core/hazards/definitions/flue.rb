# frozen_string_literal: true

Munimen::Hazards::Hazard.define :flue do
  title "Flue gas can enter the room"
  part :flue
  on(&:gas?)
  seen flue: :disconnected,
       trim_rings: :melted,
       draft_hood: :loose,
       flue_damper: :stuck,
       flue_size: %i[debris scorched],
       gas_smell_seen: :soot,
       combustion_air: :obstructed
  read draught: :spills
  safe "heat.burner": :off, cock: :shut
  repaired_by :mend_flue
  cleared_by :test_draught, :prove_flue
  test_firing
  source Munimen::Source.published("NFPA 54, BS 5440-1", "spillage test", clause: :from_memory)
end
