# frozen_string_literal: true

# Hot water under pressure, and water with nowhere to go.
shown = lambda do |exercise, kind, value|
  Munimen::Measure::Quantity.new(kind, value).format(exercise.scenario.units)
end

Munimen::Training::Consequence.define :charge_read_live,
                                      unmet: %i[
                                        heater_pressure
                                        heater_supply
                                      ] do |exercise, operation|
  next unless %i[read_vessel_charge set_vessel_charge].include?(operation.id)

  water = shown[exercise, :pressure, exercise.rig.pressure]
  Munimen::Message.of("The gauge would have shown the water's {water}, not the charge: the " \
                      "charge is read with the water at zero.",
                      water:)
end

Munimen::Training::Consequence.define :hot_jet,
                                      unmet: %i[
                                        heater_pressure
                                        heater_supply
                                      ] do |exercise, operation|
  next if Munimen::Work::Interlocks.gives_heat?(operation) || exercise.rig.pressure < 20_000

  hot = exercise.rig.top
  burn = Munimen::Calculations::Calculation[:scald_time].call(
    { temperature: "#{(hot - 273.15).round(1)} degC" }
  )
  Munimen::Message.of("{pressure} behind the joint, and water of {temperature}: it burns after " \
                      "{words}.",
                      pressure: shown[exercise, :pressure, exercise.rig.pressure],
                      temperature: shown[exercise, :temperature, hot],
                      words: burn.outputs[:words])
end

Munimen::Training::Consequence.define :shut_in,
                                      unmet: %i[
                                        heater_supply
                                        house_supply
                                        heater_pressure
                                        relief
                                        discharge_pipe
                                      ] do |exercise, operation|
  next unless Munimen::Work::Interlocks.gives_heat?(operation)

  rig = Munimen::Rig.new(
    exercise.heater,
    faults: exercise.faults,
    seed: exercise.scenario.seed
  ).tap_half
  rig.water.open = false
  peak = rig.pressure
  rig.run(5400) { |sample| peak = [peak, sample.pressure].max }
  reached = shown[exercise, :pressure, peak]
  Munimen::Message.of(
    if rig.relief_spilt > 0.02
      "Heated with nowhere for the water to go, the tank reaches {reached} within an hour and a " \
        "half; the relief valve had to let go."
    else
      "Heated with nowhere for the water to go, the tank reaches {reached} within an hour and a " \
        "half."
    end, reached:
  )
end
