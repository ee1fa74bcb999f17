# frozen_string_literal: true

Munimen::Work::Operation.define :lay_paper do
  part :drain_valve
  place :bottom
  title "Leave paper under the joints"
  instrument "Dry paper, marker"
  how "Dry paper under the drain valve and each joint that was opened; write the time on it. " \
      "Look at it again in a day."
  because "A slow leak shows on paper long before it shows on a floor."
  needs level: :full, heater_pressure: :live, water_joints: :proven, hose: :off, drain: :shut
  after :flush_bursts,
        :replace_drain_valve,
        :replace_relief_valve,
        :replace_elements,
        :descale_elements,
        :replace_anode,
        :inspect_anode,
        :replace_vessel,
        :replace_gas_control,
        :replace_inlet_group,
        :clean_strainer,
        :clean_coil,
        :renew_bubble
  recommissions
  materials "Paper"
  guide :paper
  only_when_asked
  hands_on 30
end
