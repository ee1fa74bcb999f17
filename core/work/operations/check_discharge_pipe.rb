# frozen_string_literal: true

Munimen::Work::Operation.define :check_discharge_pipe do
  part :discharge_pipe
  every_visit
  protects "discharge pipe", told_by: %i[discharge_present tundish_place d1_run]
  place :outside
  wants :discharge_ends, :relief_outlet, :d1_size, :d1_length, :d2_size, :d2_length, :d2_bends,
        :d2_material, :shared_discharge,
        because: "Without them the size of the pipe cannot be judged."
  title "Follow the discharge pipe to its end"
  instrument "Tape measure, torch"
  how "From the valve to where it ends, each line below. Outside, tell it from the pan's pipe " \
      "first."
  because "Scalding water will leave here at full bore one day; it may be in a minute, when you " \
          "lift the lever."
  calculator :discharge_pipe_england
  look_over :discharge_pipe
  read :outlet_height, :length, "Height of its end above floor or ground", optional: true
  read :pan_pipe_height,
       :length,
       "Height of the pan's pipe above ground",
       optional: true,
       on: ->(heater) { heater.pan == :yes }
  house_rules :discharge_height, :discharge_into_pan
  caution :garden
  needs looked: :yes
  makes discharge: :seen_safe
  makes_from_readings { |visit| visit.discharge_unsafe? ? { discharge: :unsafe } : {} }
  hands_on 150
end
