# frozen_string_literal: true

Munimen::Work::Operation.define :prove_dead do
  part :disconnect
  protects :none
  place :side
  trade :electrical
  title "Prove it dead, every feed"
  instrument "Two-pole tester, proving unit, lock-off"
  how "Covers off, treated as live. Tester on the proving unit. Every pair: legs to each other, " \
      "each to {earth}; then every other feed. Tester on the proving unit again."
  because "A tester proved only before is no proof; a cylinder often has a second feed."
  caution :two_feeds
  applies_to { |heater| heater.feeds.any? }
  needs feed: %i[off proved_dead], lock: :on
  makes feed: :proved_dead, covers: :off
  read :tester_before, :choice, "Tester on the proving unit, before", choices: %i[works fails]
  read :dead_readings, :choice, "Every pair, every feed", choices: %i[zero live]
  read :tester_after, :choice, "Tester on the proving unit, after", choices: %i[works fails]
  makes_from_readings do |visit|
    if %i[tester_before dead_readings tester_after].map { |name| visit.choice(name) } ==
       %i[works zero works]
      {}
    else
      { feed: :off }
    end
  end
  repeatable
  guide(:prove_dead) do |visit|
    us = ["L1 – L2", "L1 – ground", "L2 – ground"]
    { pairs: visit.rules.book.split_phase ? us : ["L – N", "L – E", "N – E"] }
  end
  hands_on 180
end
