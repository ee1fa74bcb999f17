# frozen_string_literal: true

Munimen::Work::Operation.define :shut_heater_supply do
  part :cold_shut_off
  lets_hot_out
  place :top
  title "Shut the {supply_valve}"
  how "Lever across the pipe is shut. If it will not hold, shut the house."
  because "Nothing may refill the tank while its pressure is let down."
  needs heat: %i[pilot off], heater_supply: :open, drip_watch: :finished
  secures
  makes heater_supply: :shut, as_found: :no
  plain_act
  hands_on 20
end
