# frozen_string_literal: true

Munimen::Work::Operation.define :clean_coil do
  part :coil
  place :side
  title "Withdraw and clean the coil"
  how "Unbolt, withdraw without bending fins, rinse, back with a new gasket. Decide first: " \
      "clean, or scrap the {heater}."
  because "Sludge and scale keep its heat in the boiler."
  applies_to { |heater| heater.type.openings.include?(:coil) }
  needs coil_loop: :isolated,
        heat: :off,
        heater_supply: :shut,
        heater_pressure: :zero,
        drain: :shut,
        level: :empty
  apart "opening.coil": :removed
  makes coil_loop: :air, water_joints: :disturbed, as_found: :no
  materials "Gasket"
  calculator :coil
  only_when_asked
  hands_on 2400
end
