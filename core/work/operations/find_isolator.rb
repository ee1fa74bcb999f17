# frozen_string_literal: true

Munimen::Work::Operation.define :find_isolator do
  part :disconnect
  trade :electrical
  title "Find the isolator that makes it dead"
  how "Covers shut, hands off. Trace the feed: another breaker, a second feed, a timer's, a " \
      "neighbour's. Switch it off, lock it, label both."
  because "What stays live was never switched off: the circuit is not what it was taken for."
  applies_to { |heater| heater.feeds.any? }
  needs heat: :off, covers: :on
  makes feed: :off, lock: :on, as_found: :no
  only_when_asked
  owes :prove_dead
  caution :two_feeds
  instrument "Two-pole tester, lock-off"
  hands_on 900
end
