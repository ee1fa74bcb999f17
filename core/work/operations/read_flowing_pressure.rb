# frozen_string_literal: true

Munimen::Work::Operation.define :read_flowing_pressure do
  part :inlet_group
  protects :none
  place :tap
  title "Read pressure and flow with a {tap} wide open"
  instrument "Pressure gauge, flow cup or bucket and watch"
  how "Cold {tap} after the group wide open: read the gauge while it runs, and what comes in a " \
      "minute. Shut it again."
  because "A blocked strainer or a tired {regulator} shows only when water moves."
  applies_to(&:unvented?)
  needs gauge: :fitted, house_supply: :open, heater_supply: :open, heater_pressure: :live
  after :read_static_pressure
  makes_during heater_pressure: :flowing
  read :flowing_pressure, :pressure, "Pressure with the {tap} open"
  read :flow_rate, :flow, "Flow"
  hands_on 90
end
