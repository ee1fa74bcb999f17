# frozen_string_literal: true

Munimen::Work::Operation.define :run_taps do
  part :tap
  lets_hot_out
  place :tap
  title "Run several hot {taps}, the supply open"
  how "Open enough {taps} to bring the pressure well down, and leave them running while you read."
  because "The house rule takes this shortcut: the reading is approximate and decides nothing " \
          "near the limit."
  caution :scald
  applies_to(&:vessel?)
  needs heater_supply: :open, heater_pressure: :live, looked: :yes
  after :exercise_relief_valve
  makes heater_pressure: :flowing, air_path: :tap
  forbidden do |visit|
    unless visit.rules.choice(:charge_method) == :taps_open
      "The house rule reads the charge isolated and drained to zero."
    end
  end
  plain_act
  hands_on 45
end
