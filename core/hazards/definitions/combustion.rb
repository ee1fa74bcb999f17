# frozen_string_literal: true

Munimen::Hazards::Hazard.define :combustion do
  title "The burner makes carbon monoxide"
  part :burner
  on(&:gas?)
  tells :combustion
  found(by: %i[flue_co flue_co2 combustion_limit]) do |visit|
    visit.combustion&.above?
  end
  safe "heat.burner": :off, cock: :shut
  repaired_by :clean_burner, :replace_gas_control
  cleared_by :test_combustion
  test_firing
  source Munimen::Source.published("BS 7967", "CO to CO2 ratio", clause: :from_memory)
end
