# frozen_string_literal: true

Munimen::Work::Operation.define :read_heat_pump do
  part :compressor
  protects :none
  place :top
  title "Measure the air in and out"
  instrument "Thermometer"
  how "Both in the stream of air, after it has run a quarter of an hour. Then its mode as it was."
  because "Healthy, it takes some 4 to 8 K out of the air; less, and it heats little."
  wants :compressor_power, because: "How fast it heats is held against it."
  calculator :heat_pump
  applies_to(&:heat_pump?)
  needs heat_pump_run: :settled, heat: :on
  read :air_in, :temperature, "Air going in"
  read :air_out, :temperature, "Air coming out"
  recalls :heat_pump_mode
  hands_on 120
  repeatable
end
