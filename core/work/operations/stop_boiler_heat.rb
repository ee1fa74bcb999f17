# frozen_string_literal: true

Munimen::Work::Operation.define :stop_boiler_heat do
  part :programmer
  place :controls
  trade :plumber
  title "Take the boiler's heat off the coil"
  instrument "Lock-off, tag"
  how "Write down how programmer and thermostat stand. Hot water off, then isolate the " \
      "{controls} and lock them, so that no demand can open the {two_port}."
  because "The coil must not heat while the water is shut off."
  caution :two_feeds
  applies_to(&:coil?)
  needs identified: :yes, looked: :yes, drip_watch: :finished
  after :exercise_relief_valve, :exercise_expansion_relief
  secures
  makes "heat.coil": :off,
        "feed.heating_controls": :off,
        "lock.heating_controls": :on,
        programmer: :changed,
        as_found: :no
  hands_on 60
end
