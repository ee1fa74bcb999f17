# frozen_string_literal: true

Munimen::Hazards::Hazard.define :cut_out do
  title "A cut-out is missing, by-passed or resets by itself"
  part :cut_out
  on { |heater| heater.unvented? || heater.electric? }
  seen cut_out_seen: %i[missing bridged], high_limit_seen: %i[missing bridged],
       immersion_cut_out: :absent
  ["", ".lower_element", ".immersion"].each do |of|
    read "cut_out_opens#{of}": :comes_on, "cut_out_resets#{of}": :by_itself
  end
  safe heat: :off, lock: :on
  bars :read_live_voltage
  repaired_by :fit_cut_out
  cleared_by :test_cut_out, :press_high_limit
  source Munimen::Source.published("Approved Document G", "G3, three tiers", clause: :from_memory)
end
