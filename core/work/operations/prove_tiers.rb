# frozen_string_literal: true

Munimen::Work::Operation.define :prove_tiers do
  part :thermostat
  protects "order of the protections"
  title "Read every setting once more"
  how "Thermostat, cut-out and the plates of both relief valves, in that order."
  because "The order counts, not each alone."
  read :tiers_read, :choice, "Every setting, lowest first", choices: %i[in_order out_of_order]
  makes controls: :proven
  only_when_asked
  repeatable
  needs heat: :off
  hands_on 120
end
