# frozen_string_literal: true

# What the water side wants besides its valves.
Munimen::Inspection::InspectionItem.define :relief_tapping, group: :visible, part: :relief_valve do
  ask "Valve in the tank's own tapping for it, its probe in the water at the top"
  sound "In its tapping, in the hottest water"
  rule = {
    us_irc: published("IRC", "P2804.4", clause: :from_memory),
    us_upc: published("UPC", "608.3", clause: :from_memory),
    canada_npc: published("National Plumbing Code of Canada", "2.6.1.7", clause: :from_memory),
    england_g3: published("BS EN 1490", "in the maker's tapping", clause: :from_memory)
  }
  wrong :elsewhere, "Valve in a pipe or another tapping: it does not feel the hottest water",
        :defect,
        source: rule,
        remedy: "Put it where the maker provides for it; until then watch the temperature.",
        due_in: 7, explain: "The safety valve sits where it cannot feel how hot the water gets."
  wrong :short, "Probe too short to reach the water", :defect,
        source: rule,
        remedy: "Fit a valve with a probe as long as the insulation wants.",
        due_in: 7, explain: "The safety valve's probe does not reach the water."
end

Munimen::Inspection::InspectionItem.define :vacuum_relief, group: :visible, part: :cold_shut_off do
  ask "Cold water enters at the bottom: a vacuum relief valve"
  books :us_irc, :us_upc
  sound "There, above the tank; or the cold enters at the top"
  on { |heater| !heater.unvented? }
  wrong :none, "Filled from the bottom, without a vacuum relief valve", :defect,
        source: { us_irc: published("IRC", "P2804.7", clause: :from_memory),
                  us_upc: published("UPC", "608.7", clause: :from_memory),
                  canada_npc: published("National Plumbing Code of Canada", "2.6.1.7",
                                        clause: :from_memory) },
        remedy: "Fit one on the cold inlet, above the top of the tank.",
        due_in: 180, explain: "If the street runs dry, the tank can be sucked empty and collapse."
end

Munimen::Inspection::InspectionItem.define :warm_cold_pipe, group: :visible, part: :inlet_group do
  ask "Cold pipe before the check valve: cold to the hand while it heats"
  books :england_g3
  sound "Cold"
  on(&:unvented?)
  wrong :warm, "Heated water runs back into the cold supply", :defect,
        source: published("Water Supply (Water Fittings) Regulations 1999", "schedule 2, 15",
                          clause: :from_memory),
        remedy: "Clean or replace the check valve of the inlet group; test the vessel's charge.",
        due_in: 14, explain: "Water that was heated gets back into the drinking water."
end

Munimen::Inspection::InspectionItem.define :bath_device, group: :visible, part: :tap do
  ask "Bath and shower: a device of their own that limits the heat"
  books :us_irc, :us_upc
  sound "Seen, or known"
  wrong :none, "Nothing at bath or shower limits the heat", :watch,
        source: { us_irc: published("IRC", "P2708.4, P2713.3", clause: :from_memory),
                  us_upc: published("UPC", "408.3, 409.4", clause: :from_memory),
                  canada_npc: published("National Plumbing Code of Canada", "2.2.10.7",
                                        clause: :from_memory) },
        remedy: "Fit a limiting device (ASSE 1016 or 1070, CSA B125.3); the heater's thermostat " \
                "is no substitute.",
        due_in: 90, explain: "Only the heater's thermostat keeps the bath from scalding."
end
