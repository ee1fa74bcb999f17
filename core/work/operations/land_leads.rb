# frozen_string_literal: true

Munimen::Work::Operation.define :land_leads do
  part :disconnect
  place :side
  trade :electrical
  title "Land every lead, tight"
  how "Without turning the {element} in its gasket."
  because "A loose terminal heats until something trips."
  applies_to { |heater| heater.electric_sources.any? }
  needs leads: :off, feed: :proved_dead
  makes leads: :landed
  hands_on 90
end
