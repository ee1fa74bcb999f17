# frozen_string_literal: true

Munimen::Hazards::Hazard.define :frozen do
  title "The tank or its pipes are frozen"
  part :tank
  seen leak: :frozen
  repaired_by :thaw
  cleared_by :check_joints
  source Munimen::Source.common_practice("no heat on a frozen tank: thawed, tight, full first")
end
