# frozen_string_literal: true

# Not mended: the heater is replaced. A weep alone is a dated defect.
Munimen::Hazards::Hazard.define :tank_leak do
  title "The tank itself is running out"
  part :tank
  seen leak: %i[running electrics]
  safe heat: :off, heater_supply: :shut
  source Munimen::Source.common_practice("a running tank is emptied and replaced")
end
