# frozen_string_literal: true

Munimen::Hazards::Hazard.define :two_port do
  title "Nothing shuts the heat off: the {two_port} is missing"
  part :two_port
  on(&:coil?)
  seen two_port_seen: :missing
  at_first heater_supply: :open
  bars :exercise_relief_valve, :open_relief_for_air, :renew_bubble
  bars_while_hot :letting_out, :exercise_expansion_relief
  repaired_by :mend_controls
  cleared_by :test_controls
  test_firing
  source Munimen::Source.published("Approved Document G", "G3, two-port valve",
                                   clause: :from_memory)
end
