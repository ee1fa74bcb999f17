# frozen_string_literal: true

Munimen::Work::Operation.define :restore_power do
  part :disconnect
  place :side
  trade :plumber
  title "Unlock and switch the power on"
  how "Only when a hot {tap} has run free of air. Covers on. Lock off, {breaker} on."
  because "A dry element burns out in seconds: full and air-free comes first."
  caution :dry_fire
  applies_to(&:elements?)
  needs looked: :yes, level: :full,
        heater_pressure: :live,
        air_in_pipes: :no,
        opening: :fitted,
        relief: :shut,
        discharge_pipe: :on,
        heater_supply: :open,
        drain: :shut,
        water_joints: :proven,
        leads: :landed,
        covers: :on,
        cut_out: :reset,
        heat: :off
  after :exercise_new_relief_valve, :test_cut_out, :press_high_limit, :measure_elements,
:prove_earth
  makes heat: :on, feed: :live, lock: :off
  hands_on 60
end
