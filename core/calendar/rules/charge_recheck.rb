# frozen_string_literal: true

Munimen::Calendar::Rule.define :charge_recheck do
  comes_from "the {vessel}'s charge was set, or a new one was fitted"
  ended_by "a re-check, or any later visit that reads the charge"
  source Munimen::Source.common_practice("re-check a week after any top-up")
  job :charge_recheck
  owed do |visit, _|
    if %i[replace_vessel fit_vessel].any? { |id| visit.done?(id) }
      in_days(7, "Re-check the new {vessel}'s charge: it must not have dropped.")
    elsif visit.done?(:set_vessel_charge)
      in_days(7, "Re-check the {vessel}'s charge: it was set, and must not have dropped.")
    end
  end
end
