# frozen_string_literal: true

# Not mended: after a flash of vapour the heater is replaced, and its cause is found.
Munimen::Hazards::Hazard.define :flammable_vapour do
  title "A flash of flammable {vapour} has happened here"
  part :burner
  on(&:gas?)
  seen never_relight: :vapour
  safe "heat.burner": :off, cock: :shut
  source Munimen::Source.common_practice(
    "after a flash of vapour the whole heater is usually replaced, and the source is found"
  )
end
