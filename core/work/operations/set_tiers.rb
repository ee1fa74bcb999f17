# frozen_string_literal: true

Munimen::Work::Operation.define :set_tiers do
  part :thermostat
  title "Put the settings of the safety devices in order"
  how "Thermostat below cut-out below relief valve; reducing valve below expansion relief " \
      "below relief valve, none above the tank. What cannot be set is replaced. Then " \
      "correct the record."
  because "Each must act before the next one has to."
  needs heat: :off
  needs_on(&Munimen::Work::Isolation::CONTROLS)
  makes controls: :disturbed, as_found: :no
  only_when_asked
  owes :prove_tiers
  hands_on 900
end
