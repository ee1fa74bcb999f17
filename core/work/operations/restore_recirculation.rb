# frozen_string_literal: true

Munimen::Work::Operation.define :restore_recirculation do
  part :recirculation_pump
  place :side
  title "Plug the recirculation pump in again"
  how "Where it was, its timer as it stood; hear it run."
  because "Left unplugged, the far {taps} stay cold and somebody is called back."
  applies_to { |heater| heater.recirculation == :yes }
  needs recirculation: :off,
        level: :full,
        heater_supply: :open,
        heater_pressure: :live,
        air_in_pipes: :no
  makes recirculation: :as_found
  recommissions
  plain_act
  hands_on 20
end
