# frozen_string_literal: true

Munimen::Work::Operation.define :restore_immersion do
  part :immersion
  place :side
  trade :plumber
  title "Unlock the back-up immersion"
  how "Only when a hot {tap} has run free of air. Covers on, lock off, switch as you found it."
  because "A dry element burns out in seconds: full and air-free comes first."
  caution :dry_fire
  applies_to(&:immersion?)
  needs looked: :yes, level: :full,
        heater_pressure: :live,
        air_in_pipes: :no,
        opening: :fitted,
        relief: :shut,
        discharge_pipe: :on,
        heater_supply: :open,
        drain: :shut,
        water_joints: :proven,
        "leads.immersion": :landed,
        covers: :on,
        "cut_out.immersion": :reset,
        "heat.immersion": :off
  after :exercise_new_relief_valve, :test_cut_out, :measure_elements, :prove_earth
  makes "heat.immersion": :on, "feed.immersion": :live, "lock.immersion": :off
  hands_on 45
end
