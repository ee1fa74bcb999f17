# frozen_string_literal: true

Munimen::Work::Operation.define :read_tap_temperature do
  part :tap
  protects "hot water temperature", told_by: %i[tap_temperature]
  place :tap
  wants :mixing_valve, because: "It decides what may come out of the {tap}."
  wants :dwelling, because: "Where it is new or changed in use, the limit at the bath binds."
  title "Measure the {tap} temperature"
  instrument "Thermometer"
  how "At the nearest hot {tap}, run until it stays steady, read."
  because "The dial is not a thermometer: only the {tap} says what scalds."
  calculator :scald_time, gives: { temperature: :tap_temperature }
  calculator :mixed_delivery
  caution :scald
  needs looked: :yes,
        lit_joints: :proven, heat: :on,
        heater_supply: :open,
        heater_pressure: :live,
        level: :full,
        temperature: :hot,
        dial: %i[as_found restored]
  makes_during heater_pressure: :flowing
  read :tap_temperature, :temperature, "Temperature at the {tap}", shown_at: :tap, adjusted: true
  read :bath_temperature, :temperature, "At {bath}, fully hot", optional: true,
adjusted: true
  house_rules :set_point
  uses_heat
  hands_on 60
end
