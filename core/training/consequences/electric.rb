# frozen_string_literal: true

# A dry element and a live terminal.
sheath = { mass: 0.25, heat: 500.0, glows: 600.0 } # kg, J/kg/K, K above the room; from memory

Munimen::Training::Consequence.define :dry_element,
                                      unmet: %i[level air_in_pipes opening] do |exercise, operation|
  element = exercise.rig.elements&.list&.find { |one| !one.open }
  next unless element && Munimen::Work::Interlocks.gives_heat?(operation)

  watts = (exercise.rig.elements.volts**2) / element.ohms
  seconds = sheath[:mass] * sheath[:heat] * sheath[:glows] / watts
  Munimen::Message.of("Dry, the element glows after about {seconds} s and burns out: the tank " \
                      "is drained again for a new one.",
                      seconds: seconds.round)
end

Munimen::Training::Consequence.define :live_terminals, unmet: %i[feed lock] do |exercise, operation|
  volts =
    exercise.rig.elements&.volts ||
    (230.0 if exercise.heater.electric_sources.any? || exercise.heater.coil?)
  next unless volts && operation.trade == :electrical

  Munimen::Message.of("{volts} V were on the terminals: what is not proved dead kills. The " \
                      "tester is proved before and after.",
                      volts: volts.round)
end
