# frozen_string_literal: true

Munimen::Work::Operation.define :open_supply_on_bubble do
  part :inlet_group
  place :top
  title "Shut the {tap}, then open the {supply_valve}"
  how "{Tap} shut first, then the inlet, slowly."
  because "The air must stay in: this refill is not purged."
  applies_to { |heater| heater.vessel == :bubble }
  needs bubble: :renewed,
        heater_supply: :shut,
        relief: :shut,
        drain: :shut,
        opening: :fitted,
        discharge_pipe: :on,
        strainer: :in,
        inlet_group: :in,
        house_supply: :open,
        level: :full
  makes heater_supply: :open, heater_pressure: :live, air_path: :shut, air_in_pipes: :no
  hands_on 45
end
