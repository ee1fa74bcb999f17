# frozen_string_literal: true

Munimen::Work::Operation.define :reopen_supply do
  part :cold_shut_off
  place :top
  title "Open the {supply_valve} again"
  how "Slowly, {taps} shut: nothing has been let out, so there is no air to run off."
  because "A full tank is fed and kept at pressure without letting its water out."
  needs heater_supply: :shut,
        relief: :shut,
        drain: :shut,
        opening: :fitted,
        level: :full,
        air_path: :shut,
        air_in_pipes: :no,
        heater_pressure: :live,
        discharge_pipe: :on,
        vessel: :fitted,
        strainer: :in,
        inlet_group: :in,
        house_supply: :open
  secures
  makes heater_supply: :open
  hands_on 30
end
