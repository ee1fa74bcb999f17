# frozen_string_literal: true

Munimen::Work::Operation.define :lock_off_power do
  part :disconnect
  place :side
  trade :plumber
  title "Switch the power off and lock it"
  instrument "Lock-off, tag"
  how "{Isolator} off, lock and tag on, for each circuit. No cover comes off for this work; if " \
      "one must, prove dead first."
  because "An element that is not under water burns out in seconds."
  caution :two_feeds, :dry_fire
  applies_to(&:elements?)
  needs identified: :yes, looked: :yes, drip_watch: :finished
  after :exercise_relief_valve
  secures
  makes heat: :off, feed: :off, lock: :on, as_found: :no
  hands_on 90
end
