# frozen_string_literal: true

# Hot water under pressure, and water with nowhere to go.
Munimen::Training::Consequence.define :hot_jet, unmet: %i[heater_pressure heater_supply] do |exercise, operation|
  next if Munimen::Work::Interlocks.gives_heat?(operation) || exercise.rig.pressure < 20_000

  hot = exercise.rig.top
  burn = Munimen::Calculation[:scald_time].call({ temperature: "#{(hot - 273.15).round(1)} degC" })
  pressure = Munimen::Measure::Quantity.new(:pressure, exercise.rig.pressure).format(exercise.scenario.units)
  temperature = Munimen::Measure::Quantity.new(:temperature, hot).format(exercise.scenario.units)
  next "The gauge would have shown the water's #{pressure}, not the charge: the charge is read with the water at zero." if %i[read_vessel_charge set_vessel_charge].include?(operation.id)

  "#{pressure} behind the joint, and water of #{temperature}: it burns after #{burn.outputs[:words]}."
end

Munimen::Training::Consequence.define :shut_in, unmet: %i[heater_supply house_supply heater_pressure relief discharge_pipe] do |exercise, operation|
  next unless Munimen::Work::Interlocks.gives_heat?(operation)

  rig = Munimen::Rig.new(exercise.heater, faults: exercise.faults, seed: exercise.scenario.seed).tap_half
  rig.water.open = false
  peak = rig.pressure
  rig.run(5400) { |sample| peak = [peak, sample.pressure].max }
  shown = Munimen::Measure::Quantity.new(:pressure, peak).format(exercise.scenario.units)
  lifted = rig.relief_spilt > 0.02 ? "; the relief valve had to let go" : ""
  "Heated with nowhere for the water to go, the tank reaches #{shown} within an hour and a half#{lifted}."
end
