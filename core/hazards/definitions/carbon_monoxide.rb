# frozen_string_literal: true

Munimen::Hazards::Hazard.define :carbon_monoxide do
  title "Carbon monoxide in the room"
  part :flue
  on(&:gas?)
  found(by: %i[room_co]) do |visit|
    co = visit.quantity(:room_co)
    co && co.in("ppm") >= 30
  end
  evacuates
  safe heat: :off, cock: :shut
  repaired_by :mend_flue
  cleared_by :test_draught, :prove_flue
  test_firing
  source Munimen::Source.published("NIOSH, BS 7967", "30 ppm and over: out", clause: :from_memory)
end
