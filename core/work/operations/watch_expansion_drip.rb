# frozen_string_literal: true

# The expansion relief sits in cold water: a drip of its own that is hot is over-temperature.
Munimen::Work::Operation.define :watch_expansion_drip do
  part :expansion_relief
  protects :none
  place :top
  title "Watch the {expansion_relief} for ten seconds"
  instrument "Timer"
  how "Look at {relief_outlet}: after ten seconds nothing may run or drip. If it drips, see by " \
      "a thermometer at the valve itself whether it is hot."
  because "Dry after ten seconds means that the seat has closed."
  caution :scald, :plugged
  applies_to { |heater| heater.unvented? || heater.expansion_relief != :no }
  needs drip_watch: :expansion, heater_pressure: :live, heater_supply: :open
  makes drip_watch: :finished
  calculator :drip_by_time
  read :relief_drip, :choice, "After ten seconds", choices: %i[dry drips runs],
                                                   of: :expansion_relief
  read :relief_drip_hot,
       :choice,
       "If it drips: the water is",
       choices: %i[hot cold],
       of: :expansion_relief,
       only_if: {
         relief_drip: :drips
       }
  read :relief_drip_washed,
       :choice,
       "After turning it fully once more",
       choices: %i[dry drips],
       of: :expansion_relief,
       only_if: {
         relief_drip: :drips
       },
       optional: true
  repeatable
  immediate
  hands_on 5
  wait 10, manner: :attended, label: "Drip watch"
end
