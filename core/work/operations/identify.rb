# frozen_string_literal: true

Munimen::Work::Operation.define :identify do
  part :data_plate
  every_visit
  protects :none
  place :front
  wants :capacity, :maker, :model, :serial, :manufactured, :installed, :input, :fuel,
        :element_upper, :element_lower, :element_voltage,
        :backup_immersion, :immersion_power, :coil_power,
        :working_pressure, :plate_pressure,
        :relief_set_pressure, :relief_set_temperature, :relief_rating,
        because: "It stands on the plates."
  title "Identify the {heater}"
  instrument "Torch, camera"
  how "Compare maker, model, serial, capacity and input with the data plate, and the plate of " \
      "the {relief_valve}. Photograph both."
  because "Every limit that follows hangs on what this {heater} is."
  calculator :relief_valve_match
  look_over :plate
  makes identified: :yes
  hands_on 90
end
