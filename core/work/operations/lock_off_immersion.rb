# frozen_string_literal: true

Munimen::Work::Operation.define :lock_off_immersion do
  part :immersion
  place :side
  trade :plumber
  title "Switch the back-up immersion off and lock it"
  instrument "Lock-off, tag"
  how "Its own {isolator} off, lock and tag on. It is a second feed: the {controls} have another."
  because "An element that is not under water burns out in seconds."
  caution :two_feeds, :dry_fire
  applies_to(&:immersion?)
  needs identified: :yes, looked: :yes, drip_watch: :finished
  after :exercise_relief_valve, :exercise_expansion_relief
  secures
  makes "heat.immersion": :off, "feed.immersion": :off, "lock.immersion": :on, as_found: :no
  hands_on 45
end
