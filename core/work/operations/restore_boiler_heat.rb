# frozen_string_literal: true

Munimen::Work::Operation.define :restore_boiler_heat do
  part :programmer
  place :controls
  trade :plumber
  title "Give the coil its heat again, the programmer as it was"
  how "Lock off, {controls} on, programmer and thermostat as you wrote them down; see the " \
      "{two_port} open on demand."
  because "Full and air-free comes first; a programmer left changed is a call-back."
  applies_to(&:coil?)
  needs looked: :yes, level: :full,
        heater_pressure: :live,
        air_in_pipes: :no,
        opening: :fitted,
        relief: :shut,
        discharge_pipe: :on,
        heater_supply: :open,
        drain: :shut,
        water_joints: :proven,
        coil_loop: :live,
        covers: :on,
        "heat.coil": :off,
        "cut_out.coil": :reset,
        two_port: :auto
  after :exercise_new_relief_valve, :test_cut_out, :prove_earth
  makes "heat.coil": :on,
        "feed.heating_controls": :live,
        "lock.heating_controls": :off,
        programmer: :restored
  hands_on 60
end
