# frozen_string_literal: true

# Gas that has gathered, and a flame where it should not be.
heating_value = 38.7e6 # J/m3 of natural gas; from memory

Munimen::Training::Consequence.define :gathered_gas,
                                      unmet: %i[
                                        since_gas
                                        gas_joints
                                        union
                                        test_points
                                        cock
                                        burner_door
                                      ] do |exercise, operation|
  gas = exercise.rig.gas
  next unless gas && (Munimen::Work::Interlocks.gives_heat?(operation) || operation.trade == :gas)

  litres = gas.power / Munimen::Heater::Installation::GAS_EFFICIENCY / heating_value * 300 * 1000
  Munimen::Message.of("Unlit, this burner lets out {litres} L of gas in five minutes: enough to " \
                      "flash when the spark comes.",
                      litres: litres.round)
end

Munimen::Training::Consequence.define :dry_fired,
                                      unmet: %i[level air_in_pipes opening] do |exercise, operation|
  next unless exercise.rig.gas && Munimen::Work::Interlocks.gives_heat?(operation)

  "A burner under an empty tank cracks its glass and overheats the steel: the tank is finished."
end
