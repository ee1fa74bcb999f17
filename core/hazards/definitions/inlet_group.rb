# frozen_string_literal: true

Munimen::Hazards::Hazard.define :inlet_group do
  title "The cylinder's inlet is without its protection"
  part :inlet_group
  on(&:unvented?)
  seen expansion_relief_seen: %i[missing isolated plugged], inlet_group_seen: :incomplete
  read expansion_relief_lever: :will_not_lift, expansion_relief_flow: :none,
       expansion_relief_closes: :runs_on, "relief_drip.expansion_relief": :runs
  tells :expansion_relief_recorded
  found { |visit| visit.heater.unvented? && visit.heater.expansion_relief == :no }
  repaired_by :replace_inlet_group, :replace_expansion_relief
  cleared_by :exercise_expansion_relief
  source Munimen::Source.published("Approved Document G", "G3, expansion", clause: :from_memory)
end
