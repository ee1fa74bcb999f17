# frozen_string_literal: true

Munimen::Work::Operation.define :watch_relief_drip do
  part :relief_valve
  protects :none
  place :side
  title "Watch the outlet for ten seconds"
  instrument "Timer"
  how "A long pipe may drain for some seconds: that is no leak. After ten seconds it must be " \
      "dry. After its lever it drips hot: it sits in the hot top. If it drips: lever 3–4 times, " \
      "once, watch again; still dripping, it is replaced. Steam: keep away."
  because "Dry after ten seconds means that the seat has closed."
  caution :scald, :plugged
  needs drip_watch: :running, heater_pressure: :live, heater_supply: :open
  makes drip_watch: :finished
  calculator :drip_by_time
  read :relief_drip, :choice, "After ten seconds", choices: %i[dry drips runs steams],
                                                   shown_at: :relief_valve
  read :relief_dry_after,
       :time,
       "Seconds until it was dry",
       only_if: {
         relief_drip: :dry
       },
       optional: true
  read :relief_drip_hot,
       :choice,
       "If it drips: the water is",
       choices: %i[hot cold],
       only_if: {
         relief_drip: :drips
       },
       where: ->(_) { false } # as visits before asked: a drip after the lever is hot in any case
  read :relief_drip_washed,
       :choice,
       "After working the lever 3–4 times",
       choices: %i[dry drips],
       only_if: {
         relief_drip: :drips
       },
       optional: true
  repeatable
  immediate
  house_rules :drip_washing
  hands_on 5
  wait 10, manner: :attended, label: "Drip watch"
end
