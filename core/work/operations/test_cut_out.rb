# frozen_string_literal: true

Munimen::Work::Operation.define :test_cut_out do
  part :cut_out
  protects "{cut_out}", told_by: %i[cut_out_test]
  place :controls
  trade :electrical
  wants :cut_out_temperature, because: "What it opens at is held against it."
  title "Prove each cut-out by its own test"
  instrument "Multimeter"
  how "Dead and proved: trip it by its own test or reset mechanism, never by heat or by lifting " \
      "a lead. The meter across it must show open on every pole, and go on so until its button " \
      "is pressed. One that has no test: see its type and its button, and say so."
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
  makes as_found: :no
  each_one = {
    nil => nil,
    lower_element: ->(heater) { heater.elements? && heater.element_upper && heater.element_lower },
    immersion: ->(heater) { heater.coil? && heater.backup_immersion == :yes }
  }
  each_one.each do |of, on|
    more = of == :immersion ? %i[not_used] : []
    read :cut_out_opens, :choice, "Tripped, with its contacts measured, heat", of:, on:,
         choices: %i[stays_off comes_on no_test] + more
    read :cut_out_resets, :choice, "Its contacts close again", of:, on:,
         choices: %i[by_hand by_itself], only_if: { cut_out_opens: :stays_off }
  end
  guide :chain
  recommissions
  only_when_asked
  hands_on 300
  repeatable
end
