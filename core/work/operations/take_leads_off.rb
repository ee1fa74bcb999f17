# frozen_string_literal: true

Munimen::Work::Operation.define :take_leads_off do
  part :disconnect
  trade :electrical
  title "Take the leads off the {elements}, and mark them"
  how "Proved dead. Mark each lead with its terminal before it comes off."
  because "An {element} is taken out, or measured, without its leads."
  applies_to { |heater| heater.electric_sources.any? }
  needs feed: :proved_dead, covers: :off, leads: :landed
  makes leads: :off, as_found: :no
  hands_on 60
end
