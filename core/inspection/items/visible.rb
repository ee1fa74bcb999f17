# frozen_string_literal: true

# What can be seen from the top down, without touching.

Munimen::Inspection::InspectionItem.define :shut_off, group: :visible, part: :cold_shut_off do
  ask "{Supply_valve}"
  sound "Present, reachable, lever in line"
  wrong :missing, "No working shut-off on the cold side", :defect,
        source: common_practice("a heater is isolated on its cold side"),
        remedy: "Fit a full-bore valve on the cold inlet.",
        due_in: 90, explain: "The water to the heater cannot be shut off on its own."
  wrong :out_of_reach, "Shut-off cannot be reached", :defect,
        source: common_practice("a shut-off must be reachable"),
        remedy: "Make it reachable, or fit one that is.",
        due_in: 90, explain: "In an emergency nobody could reach the valve."
end

Munimen::Inspection::InspectionItem.define :insulation, group: :visible, part: :hot_outlet do
  ask "Pipe insulation, {near_pipes}"
  sound "Insulated"
  wrong :bare, "Hot and cold pipes bare near the tank", :advice,
        source: common_practice("near the tank"),
        remedy: "Insulate the {near_pipes}.",
        due_in: 365, explain: "A little heat is lost through the pipes."
end

Munimen::Inspection::InspectionItem.define :unions, group: :visible, part: :hot_outlet do
  ask "Dielectric unions"
  sound "Clean, or not needed"
  wrong :corroded, "Corrosion where copper meets steel", :watch,
        source: common_practice("copper and steel need a dielectric union"),
        remedy: "Look again next year; fit unions when the pipes are next open.",
        due_in: 365, explain: "Two metals touch and one of them is corroding."
end

Munimen::Inspection::InspectionItem.define :trim_rings, group: :visible, part: :flue do
  ask "Plastic rings at the flue"
  sound "Flat and clean"
  on(&:gas?)
  wrong :rippled, "Trim rings rippled by heat", :watch,
        source: common_practice("some hot gas has spilled at some time"),
        remedy: "Test the {draught}, worst case.",
        answered: [:draught, "The {draught} was tested, worst case, and is sound: look again at " \
                             "the next visit.", 365],
        due_in: 30, explain: "Hot flue gas has come out where it should not, at some time."
  wrong :melted,
        "Rings melted, soot or scorch marks",
        :danger,
        source: common_practice("the flue has been blowing back"),
        remedy: "Burner off, ventilate, CO test, find the cause before it runs again.",
        due_in: 0,
        explain:
          "Exhaust gas has been coming back into the room. It carries carbon monoxide, which kills."
end

Munimen::Inspection::InspectionItem.define :flue, group: :visible, part: :flue do
  ask "Flue"
  sound "Continuous, rising, supported"
  on(&:gas?)
  wrong :disconnected,
        "Flue open, disconnected or blocked",
        :danger,
        source: {
          us_irc: published("NFPA 54", "12.7"),
          us_upc: published("NFPA 54", "12.7"),
          england_g3: published("BS 5440", "flues and air supply")
        },
        remedy: "Burner off until the flue is whole and draws.",
        due_in: 0,
        explain: "Exhaust gas can enter the house. It carries carbon monoxide, which kills."
  wrong :poor_fall,
        "Flue falls, sags or is not supported",
        :defect,
        source: {
          us_irc: published("NFPA 54", "12.7"),
          us_upc: published("NFPA 54", "12.7"),
          england_g3: published("BS 5440", "flues and air supply")
        },
        remedy: "Re-hang it: rising all the way, supported.",
        due_in: 30,
        explain: "The exhaust pipe does not rise as it must."
end

Munimen::Inspection::InspectionItem.define :draft_hood, group: :visible, part: :draft_hood do
  ask "Hood of the flue"
  sound "Seated"
  on { |heater| heater.gas? && heater.hood != :sealed }
  wrong :loose,
        "Hood loose or off",
        :danger,
        source: {
          us_irc: published("NFPA 54", "12.13"),
          us_upc: published("NFPA 54", "12.13"),
          england_g3: published("BS 5440", "flues and air supply")
        },
        remedy: "Burner off; seat and fix the hood, test the {draught}.",
        due_in: 0,
        explain: "Exhaust gas can enter the room instead of going up the flue."
end

Munimen::Inspection::InspectionItem.define :combustion_air, group: :visible, part: :burner do
  ask "Free air for the burner"
  sound "Open"
  on(&:gas?)
  wrong :obstructed,
        "No free opening for combustion air",
        :danger,
        source: {
          us_irc: published("NFPA 54", "9.3"),
          us_upc: published("NFPA 54", "9.3"),
          england_g3: published("BS 5440", "flues and air supply")
        },
        remedy: "Burner off until the room has its openings; work out their size.",
        due_in: 0,
        explain: "The burner gets no air to burn clean. It can make carbon monoxide, which kills."
end

Munimen::Inspection::InspectionItem.define :intake, group: :visible, part: :burner do
  ask "Intake screen and sight glass"
  sound "Free of lint"
  on(&:gas?)
  wrong :choked, "Intake screen choked with lint", :defect,
        source: common_practice("a choked screen starves the burner"),
        remedy: "Vacuum and brush the screen.",
        due_in: 0, explain: "Dust starves the burner of air."
end

Munimen::Inspection::InspectionItem.define :ignition_height, group: :visible, part: :tank do
  ask "Burner, igniter or electric parts in a garage, or in a space that opens to one"
  books :us_irc, :us_upc
  sound "18 in or more, or listed for it"
  on { |heater| !heater.coil? && %i[garage unknown].include?(heater.location) }
  wrong :low,
        "Ignition source under 18 in above a garage floor",
        :defect,
        source: code(irc: "M1307.3", upc: "507.13").merge(
          canada_npc: published("CSA B149.1", "4")
        ),
        remedy: "Raise the heater, or confirm that it is listed as flammable-{vapour} resistant.",
        due_in: 14,
        explain: "Fuel {vapour} creeps along a garage floor; a flame near the floor can light it."
end

Munimen::Inspection::InspectionItem.define :anode_seen, group: :visible, part: :anode do
  ask "Anode hexagon"
  sound "Present, or combined with the outlet"
  on { |heater| heater.anode != :none }
  wrong :absent, "No anode", :watch,
        source: common_practice("bare steel corrodes without one"),
        remedy: "Plan an anode at the next drain.",
        due_in: 365, explain: "The rod that protects the tank from rust is not there."
end

Munimen::Inspection::InspectionItem.define :relief_present, group: :visible, part: :relief_valve do
  ask "{Relief_valve}"
  sound "Present, on its tapping, nothing between it and the tank"
  wrong :missing,
        "No {relief_valve}",
        :danger,
        source: code(irc: "P2804.1", upc: "608.3", g3: "G3, safety devices"),
        remedy: "Heat and water off until one is fitted.",
        due_in: 0,
        explain: "The last protection against a bursting tank is missing.",
        unsafe_discharge: true
  wrong :plugged,
        "{Relief_valve} plugged, capped or shut off",
        :danger,
        source: code(irc: "P2804.6.1", upc: "608.5", g3: "G3, safety devices"),
        remedy: "Heat off. Take the plug out or replace the valve before the heater runs.",
        due_in: 0,
        explain: "The last protection against a bursting tank has been blocked.",
        unsafe_discharge: true
  wrong :crusted, "Crust or corrosion at the {relief_valve}", :watch,
        source: common_practice("mineral build-up at the seat"),
        remedy: "Have a replacement at hand when it is exercised.",
        due_in: 30, explain: "The safety valve shows deposits; it may not close again."
end

# As found, before anybody has touched it: what a lever brings about afterwards is another matter.
Munimen::Inspection::InspectionItem.define :relief_as_found,
                                           group: :visible,
                                           part: :relief_valve do
  ask "{Relief_valve}, before it is touched: drips or runs, felt at the valve"
  sound "Dry"
  wrong :drips_cold, "{Relief_valve} drips as found, cold or luke-warm", :defect,
        source: common_practice("pressure, or a seat that does not close"),
        remedy: "Read static pressure and hot peak; wash the seat once, else replace it.",
        due_in: 14, explain: "The safety valve drips. Either the pressure is high or it is worn."
  wrong :runs_cold, "{Relief_valve} runs as found, cold", :defect,
        source: common_practice("pressure, or a seat that does not close"),
        remedy: "Read static pressure and hot peak; replace the valve if it does not shut.",
        due_in: 0, explain: "The safety valve runs. Either the pressure is high or it is worn."
  hot = "hot, or not felt, before anybody touched it: over-temperature until proved otherwise"
  wrong :drips_hot, "{Relief_valve} drips as found, hot or not felt", :danger,
        source: common_practice(hot),
        remedy: "Heat off, the cold left open; touch nothing until it has cooled; find out why.",
        due_in: 0, explain: "Hot water came from the safety valve: the tank may be overheating."
  wrong :runs_hot, "{Relief_valve} runs as found, hot or not felt", :danger,
        source: common_practice(hot),
        remedy: "Heat off, the cold left open; touch nothing until it has cooled; find out why.",
        due_in: 0, explain: "Hot water ran from the safety valve: the tank may be overheating."
  wrong :steams, "{Relief_valve} steams", :danger,
        source: common_practice("steam at any time is over-temperature"),
        remedy: "Heat off, keep away, the cold left open; touch nothing until it has cooled.",
        due_in: 0, explain: "Steam came from the safety valve: the water is far too hot."
end

Munimen::Inspection::InspectionItem.define :leak, group: :visible, part: :tank do
  ask "Leaks"
  sound "Dry"
  wrong :fitting, "Leak at a fitting", :defect,
        source: common_practice("repairable"),
        remedy: "Re-make the joint.",
        due_in: 14, explain: "A joint drips."
  wrong :gasket, "Leak at an {element}'s gasket", :defect,
        source: common_practice("repairable"),
        remedy: "Drain below it, new gasket, hand tight plus an eighth to a quarter turn.",
        due_in: 14, explain: "A seal on the tank drips."
  wrong :running,
        "The tank itself is running out",
        :danger,
        source: common_practice("a running tank is emptied and replaced"),
        remedy: "Heat off, the {heater}'s own supply shut, empty it; replace the {heater}.",
        due_in: 0,
        explain: "The tank has failed and is running out. It cannot be mended."
  wrong :electrics,
        "The tank runs onto its electrical parts",
        :danger,
        source: common_practice("a running tank is emptied and replaced"),
        remedy: "Power off and locked first, then the water; replace the {heater}.",
        due_in: 0,
        explain: "The tank has failed and its water reaches electrical parts."
  wrong :frozen,
        "Tank or pipes frozen",
        :danger,
        source: common_practice("no heat on a frozen tank: thawed, tight, full first"),
        remedy: "Heat off. Thaw it slowly without a flame, look for splits, fill it, then heat.",
        due_in: 0,
        explain: "The water has frozen. Ice may have split a pipe, and heat now could burst it."
  wrong :body,
        "Tank body leaking, or rusty water from under the jacket",
        :defect,
        source: common_practice("a leaking tank is finished"),
        remedy: "Replace the heater; it cannot be repaired.",
        due_in: 7,
        explain: "The tank itself has rusted through. It will get worse and can fail suddenly."
end

Munimen::Inspection::InspectionItem.define :disconnect, group: :visible, part: :disconnect do
  ask "Means of disconnection"
  sound "In sight, or lockable at the board"
  on { |heater| !heater.electric_sources.empty? }
  wrong :missing,
        "No disconnect in sight, none lockable",
        :defect,
        source: {
          us_irc: published("NEC", "422.31"),
          us_upc: published("NEC", "422.31"),
          england_g3: published("BS 7671", "double-pole isolation")
        },
        remedy: "Fit one in sight, or a lock at the {breaker}.",
        due_in: 60,
        explain: "Whoever works on the heater cannot make sure that it stays off."
end

Munimen::Inspection::InspectionItem.define :grounding, group: :visible, part: :disconnect do
  ask "{Earth} or bond connection"
  sound "Seen"
  on { |heater| !heater.electric_sources.empty? }
  wrong :absent,
        "No {earth} connection",
        :danger,
        source: {
          us_irc: published("NEC", "250.110"),
          us_upc: published("NEC", "250.110"),
          england_g3: published("BS 7671", "protective earthing")
        },
        remedy: "Power off and locked until it is connected and proved.",
        due_in: 0,
        explain: "If a wire touches the metal, nothing would trip."
end

Munimen::Inspection::InspectionItem.define :straps, group: :visible, part: :tank do
  ask "Seismic straps, where required"
  books :us_irc, :us_upc
  sound "Upper and lower third, or not required"
  wrong :missing, "Straps missing where they are required", :defect,
        source: code(irc: "P2801.8", upc: "507.2"),
        remedy: "Strap it in the upper and the lower third.",
        due_in: 90, explain: "An earthquake could throw the heater over."
  wrong :low, "Lower strap less than 4 in above the controls", :defect,
        source: code(irc: "P2801.8", upc: "507.2"),
        remedy: "Move it: in the lower third, at least 4 in above the controls.",
        due_in: 90, explain: "The lower strap sits where it can damage the controls."
end

Munimen::Inspection::InspectionItem.define :drain_valve, group: :visible, part: :drain_valve do
  ask "Drain valve"
  sound "Dry, not brittle"
  wrong :drips, "Drain valve drips", :watch,
        source: common_practice("sediment on the seat"),
        remedy: "Cap it, note it, look again tomorrow.",
        due_in: 30, explain: "The valve at the bottom drips a little."
  wrong :brittle, "Old plastic drain valve, brittle", :advice,
        source: common_practice("they break when they are turned"),
        remedy: "Replace it at the next drain.",
        due_in: 365, explain: "The valve at the bottom may break when used."
  wrong :no_flow, "Nothing runs from the opened drain valve", :watch,
        source: common_practice("sediment on its seat, or no air in"),
        remedy: "Let air in; rod it out, or drain another way. Still is not empty.",
        due_in: 90, explain: "The tank cannot be drained by its valve at the moment."
end

Munimen::Inspection::InspectionItem.define :service_tag, group: :visible, part: :tank do
  ask "Service tag and instructions"
  sound "Present"
  wrong :none, "No service tag or instructions at the heater", :advice,
        source: common_practice("the next person should know what was done"),
        remedy: "Hang a tag today.",
        due_in: 0, explain: "Nobody can see when it was last serviced."
end
