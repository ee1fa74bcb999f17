# frozen_string_literal: true

Munimen::Hazards::Hazard.define :expansion do
  title "Pressure climbs to the relief valve whenever the water heats"
  part :vessel
  found(by: %i[hot_peak_found hot_peak_after]) do |visit|
    peak = visit.quantity(:hot_peak_after) || visit.quantity(:hot_peak_found)
    margin = visit.rules.limit(:relief_margin)
    most = visit.rules.limit(:hot_peak_at_relief)
    next false unless peak

    (most.grade == :danger && most.violated_by(peak)) ||
      (margin.grade == :danger &&
        peak.si > visit.heater.first_relief_pressure.si - margin.at_least.si)
  end
  repaired_by :set_vessel_charge, :replace_vessel, :renew_bubble, :fit_vessel
  cleared_by :read_hot_peak_after
  test_firing
  source Munimen::Source.common_practice(
    "a peak at the relief setting every cycle: expansion control has failed"
  )
end
