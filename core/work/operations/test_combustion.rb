# frozen_string_literal: true

Munimen::Work::Operation.define :test_combustion do
  part :burner
  protects "combustion", told_by: %i[combustion]
  place :bottom
  trade :gas
  title "Measure what the burner makes of its gas"
  instrument "Combustion analyser"
  how "Zero it outdoors. Burner on for ten minutes; probe in the flue below the {draught} hood, " \
      "or " \
      "at the maker's test point; read once it has settled."
  because "A burner that looks clean can make carbon monoxide."
  caution :co, :hot_flue
  applies_to(&:gas?)
  needs lit_joints: :proven, heat: :on, cock: :open, level: :full, looked: :yes,
burner_door: :sealed
  read :flue_co, :carbon_monoxide, "CO in the flue, as read", point: :flue
  read :flue_co2, :carbon_dioxide, "CO2 in the flue", point: :flue
  read :combustion_limit, :combustion_ratio, "The maker's limit for CO to CO2", optional: true
  tools "Combustion analyser"
  recommissions
  hands_on 600
  repeatable
end
