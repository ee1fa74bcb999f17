# frozen_string_literal: true

Munimen::Work::Operation.define :prove_air_supply do
  part :compressor
  protects "spillage beside the heat pump", told_by: %i[air_supply_proved]
  trade :gas
  title "Spillage test beside the running heat pump"
  instrument "Smoke, CO meter"
  how "Its fan running, every other fan too, doors and windows shut: at the open-flued " \
      "appliance, lit."
  because "Only the worst case shows what comes back."
  caution :co
  applies_to(&:heat_pump?)
  needs heat: :on, feed: :live, looked: :yes
  read :spillage_beside, :choice, "At the open flue", choices: %i[drawn_in spills]
  only_when_asked
  repeatable
  hands_on 600
end
