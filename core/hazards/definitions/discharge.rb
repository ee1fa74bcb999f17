# frozen_string_literal: true

Munimen::Hazards::Hazard.define :discharge do
  title "The relief valve's discharge is blocked, or scalds whoever stands there"
  part :discharge_pipe
  seen discharge_present: %i[none_people none_unvented],
       discharge_open: :capped,
       tundish_place: :missing,
       d2_route: :blocked
  tells :tundish_recorded
  found { |visit| visit.heater.unvented? && visit.heater.tundish == :no }
  read tundish_flow: :spills, discharge_run: :backs_up
  bars :exercise_relief_valve, :exercise_new_relief_valve, :exercise_expansion_relief,
       :open_relief_for_air, :renew_bubble
  repaired_by :mend_discharge
  cleared_by :see_discharge_run
  source Munimen::Source.published(
    "IRC P2804.6.1, UPC 608.5, Approved Document G", "discharge pipes", clause: :from_memory
  )
end
