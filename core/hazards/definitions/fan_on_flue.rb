# frozen_string_literal: true

# A fan, or a duct to outdoors, that draws on an open flue in the same space. Handbook §27.
Munimen::Hazards::Hazard.define :fan_on_flue do
  title "Its fan can draw flue gas into the room"
  part :compressor
  on(&:heat_pump?)
  seen heat_pump_air: :pulls_on_flue
  read spillage_beside: :spills
  safe heat: :off, feed: %i[off proved_dead], lock: :on
  repaired_by :mend_air_supply
  cleared_by :prove_air_supply
  test_firing
  source Munimen::Source.published("NFPA 54, BS 5440-1", "spillage test with fans running",
                                   clause: :from_memory)
end
