# frozen_string_literal: true

Munimen::Hazards::Hazard.define :frozen do
  title "The tank or its pipes are frozen"
  part :tank
  seen leak: :frozen
  bars :run_taps, :renew_bubble, :exercise_relief_valve, :exercise_expansion_relief,
       :open_relief_for_air, :drain_empty, :drain_below_relief_port, :drain_below_upper_element
  repaired_by :thaw
  cleared_by :check_joints
  source Munimen::Source.common_practice("no heat on a frozen tank: thawed, tight, full first")
end
