# frozen_string_literal: true

# The manifold goes by the plate, and is set only where the inlet does not starve. The screw of a
# control's regulator: clockwise raises (common practice); its maker's instructions come first.
Munimen::Work::Aim.define :gas_manifold do
  quantity = Munimen::Measure::Quantity
  pressures = Munimen::Calculations::GasPressures
  on do |visit|
    england = visit.units == :england
    fed = visit.quantity(:gas_operating)
    fuel = pressures.fuel(visit.heater, england:)
    fed.nil? || fuel.nil? || !pressures.starved?(fed, fuel, england:)
  end
  target { |visit| visit.heater.manifold_pressure }
  band do |visit|
    plate = visit.heater.manifold_pressure
    within = pressures::MANIFOLD * pressures::INCH
    plate ? [-within, within].map { |off| quantity.new(:gas_pressure, plate.si + off) } : [nil, nil]
  end
  up "turn the screw clockwise"
  down "turn the screw anticlockwise"
  coarse "a quarter turn"
  fine "a hair"
  settle "Let it settle; cap on, and read once more with the cap on."
end
