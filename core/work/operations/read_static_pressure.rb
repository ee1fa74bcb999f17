# frozen_string_literal: true

Munimen::Work::Operation.define :read_static_pressure do
  part :house_main
  protects "water pressure", told_by: %i[static_pressure inlet_group regulator]
  place :entry
  wants :regulator, :backflow,
        because: "Whether expanding water can go back into the street hangs on it."
  title "Read the static pressure"
  instrument "Pressure gauge"
  how "Run a {tap} for a moment to let trapped pressure go, shut it, let the needle settle. No " \
      "water running anywhere. Type the number."
  because "The vessel's charge is set to this, and above the limit it must be brought down."
  photographs "The dial of the pressure gauge"
  needs gauge: :fitted, house_supply: :open, heater_supply: :open, heater_pressure: :live
  makes static: :known
  makes_during heater_pressure: :flowing
  read :static_pressure, :pressure, "Static pressure, nothing running", shown_at: :house_main,
adjusted: true
  read :mains_pressure, :pressure, "{mains_side}", optional: true, shown_at: :regulator
  hands_on 60
  repeatable
end
