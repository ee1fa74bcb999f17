# frozen_string_literal: true

Munimen::Work::Operation.define :open_heater_supply do
  part :cold_shut_off
  place :top
  title "Open the {supply_valve} again"
  how "Slowly, with the hot {tap} still open."
  because "The tank must be full and the air out before any heat."
  needs heater_supply: :shut,
        relief: :shut,
        drain: :shut,
        opening: :fitted,
        level: :full,
        air_path: :tap,
        discharge_pipe: :on,
        vessel: :fitted,
        strainer: :in,
        inlet_group: :in,
        house_supply: :open
  secures
  makes heater_supply: :open, heater_pressure: :flowing
  plain_act
  hands_on 20
end
