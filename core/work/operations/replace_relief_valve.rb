# frozen_string_literal: true

Munimen::Work::Operation.define :replace_relief_valve do
  part :relief_valve
  place :side
  title "Replace the {relief_valve}"
  how "Hold the new one against the plate: rating, pressure, temperature, thread, reach. " \
      "Unscrew, clean the thread, seal, start by hand, outlet down, never so hard as to crack it."
  because "The last protection must lift, flow and shut."
  caution :scald, :plugged
  needs heat: :off,
        heater_supply: :shut,
        heater_pressure: :zero,
        drain: :shut,
        discharge_pipe: :off,
        level: %i[below_relief_port below_upper_element below_lower_element empty]
  apart "opening.relief": :removed
  makes water_joints: :disturbed, as_found: :no, drip_watch: :finished
  house_rules :thread_seal
  tools "Pipe wrench"
  materials "Relief valve that matches", "Tape and compound"
  calculator :relief_valve_match
  only_when_asked
  part_kind :relief_valve
  hands_on 420
  renews :relief_present,
         :relief_plate,
         :relief_lever,
         :relief_flow,
         :relief_closes,
         :relief_drip,
         :relief_drip_hot,
         :relief_drip_washed,
         :new_relief_flow,
         record: {
           relief_set_pressure: :new_relief_pressure,
           relief_set_temperature: :new_relief_temperature,
           relief_rating: :new_relief_rating
         }
  read :new_relief_pressure, :pressure, "Set pressure on its plate", optional: true
  read :new_relief_temperature, :temperature, "Set temperature on its plate", optional: true
  read :new_relief_rating, :power, "Temperature rating on its plate", optional: true
  owes :exercise_new_relief_valve
end
