# frozen_string_literal: true

Munimen::Work::Operation.define :fit_hose do
  part :drain_valve
  place :bottom
  title "Fit the hose to the drain valve, its end in a safe place"
  instrument "Hose"
  how "End lower than the tank, tied down, people and animals away. An old plastic valve may " \
      "break: look before you turn it."
  because "What runs out scalds, kills plants and hurts animals."
  caution :scald, :garden
  needs looked: :yes, hose: :off, drain: :shut
  makes hose: :fitted
  tools "Hose", "Flat screwdriver"
  hands_on 60
end
