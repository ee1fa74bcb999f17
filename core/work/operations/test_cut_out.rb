# frozen_string_literal: true

Munimen::Work::Operation.define :test_cut_out do
  part :cut_out
  protects "{cut_out}", told_by: %i[cut_out_test]
  place :controls
  trade :electrical
  wants :cut_out_temperature, because: "What it opens at is held against it."
  title "Prove each cut-out by opening its circuit"
  instrument "Multimeter, proved tester"
  how "Dead and proved: open the cut-out's circuit, make it safe, energise with the thermostat " \
      "calling. Heat must stay off. " \
      "Off, proved dead again, close the circuit: it must come back only by hand reset."
  because "A cut-out is never tested by overheating; one that resets itself is a thermostat."
  caution :two_feeds
  applies_to(&:unvented?)
  needs feed: :proved_dead,
        covers: :off,
        leads: :landed,
        level: :full,
        heater_supply: :open,
        heater_pressure: :live,
        air_in_pipes: :no,
        water_joints: :proven
  apart cut_out: :tripped
  makes feed: :off, as_found: :no
  each_one = {
    nil => nil,
    lower_element: ->(heater) { heater.elements? && heater.element_upper && heater.element_lower },
    immersion: ->(heater) { heater.coil? && heater.backup_immersion == :yes }
  }
  each_one.each do |of, on|
    more = of == :immersion ? %i[not_used] : []
    read :cut_out_opens, :choice, "With its circuit open, heat", of:, on:,
         choices: %i[stays_off comes_on] + more
    read :cut_out_resets, :choice, "It comes back", of:, on:, choices: %i[by_hand by_itself],
         only_if: { cut_out_opens: :stays_off }
  end
  guide :chain
  only_when_asked
  hands_on 300
  repeatable
end
