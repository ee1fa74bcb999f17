# frozen_string_literal: true

# Not mended where it stands: a room-sealed heater takes its place, or it is moved.
Munimen::Hazards::Hazard.define :open_flue_room do
  title "An open flue where people sleep or wash"
  part :flue
  on(&:gas?)
  tells :open_flue_room
  found do |visit|
    visit.heater.gas? && visit.heater.hood != :sealed &&
      %i[bedroom bathroom].include?(visit.heater.location)
  end
  safe "heat.burner": :off, cock: :shut
  source Munimen::Source.published(
    "Gas Safety Regulations 30, IFGC 303.3", "open flues in bedrooms and bathrooms",
    clause: :from_memory
  )
end
