# frozen_string_literal: true

Munimen::Work::Operation.define :flush_bursts do
  part :drain_valve
  protects :none
  place :bottom
  title "Flush in bursts until it runs clear"
  instrument "White pail"
  how "Cold open 15–20 s, let it run off, three or four times or until a sample in a white " \
      "pail " \
      "is clean. Note what came out."
  because "Draining is gentle and leaves the sediment; bursts stir it up."
  photographs "The pail at the first burst"
  caution :scald
  needs level: :empty, drain: :open, hose: :fitted, heat: :off, heater_supply: :shut
  makes as_found: :no
  read :flush_result, :choice, "What came out", choices: %i[clear flecks grit heavy]
  read :flush_cycles, :number, "Bursts", optional: true
  needs_under_house_rules(&Munimen::Work::DrainPolicy::HEAT)
  house_rules :flush
  water_wasted { |_| 4 * 18 * Munimen::Work::Durations::FILL } # four bursts of 15–20 s
  # s; the worst last: common practice
  guide :flush, burst: 18, settle: 30, pails: %i[clear flecks grit heavy]
  tools "White pail"
  only_when_asked
  hands_on 420
end
