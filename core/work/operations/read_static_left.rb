# frozen_string_literal: true

Munimen::Work::Operation.define :read_static_left do
  part :house_main
  protects "water pressure, as left", told_by: %i[static_pressure regulator]
  place :entry
  title "Read the static pressure again, as left"
  instrument "Pressure gauge"
  how "A {tap} run for a moment and shut, then nothing running for some minutes: it must stay " \
      "where it was set."
  because "A setting is proved by what the gauge shows afterwards."
  needs gauge: :fitted, house_supply: :open, heater_supply: :open, heater_pressure: :live
  makes static: :known
  makes_during heater_pressure: :flowing
  read :static_pressure, :pressure, "Static pressure as left, nothing running",
       shown_at: :house_main, adjusted: true
  after :lower_supply
  recommissions
  only_when_asked
  hands_on 120
  repeatable
end
