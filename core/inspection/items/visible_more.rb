# frozen_string_literal: true

# More that can be seen without touching: gas, electricity, the English inlet group and its
# controls.

practice = ->(note) { Munimen::Source.common_practice(note) }
rule = lambda do |irc, upc, england|
  { us_irc: irc, us_upc: upc, england_g3: england }.transform_values do |name|
    Munimen::Source.published(*name, clause: :from_memory)
  end
end
g3 = ->(clause) { Munimen::Source.published("Approved Document G", clause, clause: :from_memory) }
two_port = {
  us_irc: practice.call("the heat could not be stopped"),
  us_upc: practice.call("the heat could not be stopped"),
  england_g3: g3.call("G3, two-port valve")
}
fuel = rule.call(["NFPA 54", "9.6"], ["NFPA 54", "9.6"], ["Gas Safety Regulations", "reg. 26"])
damper = rule.call(["NFPA 54", "12.15"], ["NFPA 54", "12.15"],
["Gas Safety Regulations", "reg. 27"])
vent = rule.call(["NFPA 54", "12.11"], ["NFPA 54", "12.11"], ["Gas Safety Regulations", "reg. 27"])
clear = rule.call(["NFPA 54", "12.16"], ["NFPA 54", "12.16"], ["Gas Safety Regulations", "reg. 27"])
escape = rule.call(["NFPA 54", "7.2"], ["NFPA 54", "7.2"], ["Gas Safety Regulations", "reg. 37"])
unsafe = rule.call(["NFPA 54", "9.1"], ["NFPA 54", "9.1"], ["Gas Safety Regulations", "reg. 34"])
cover = rule.call(["NEC", "110.27"], ["NEC", "110.27"], ["BS 7671", "416.2"])
scorch = rule.call(["NEC", "110.14"], ["NEC", "110.14"], ["BS 7671", "526"])
wiring = rule.call(["NEC", "110.12"], ["NEC", "110.12"], ["BS 7671", "526"])

# id, part, on which heater, question, what is sound; then for each finding: text, grade, source,
# days, for the customer, remedy.
us = %i[us_irc us_upc]
trap = {
  us_irc: Munimen::Source.published("IRC", "G2419.4", clause: :from_memory),
  us_upc: Munimen::Source.published("UPC", "1212.9", clause: :from_memory),
  canada_npc: Munimen::Source.published("CSA B149.1", "6", clause: :from_memory)
}
bond = rule.call(["NEC", "250.104(A)"], ["NEC", "250.104(A)"], ["BS 7671", "415.2, 701.415.2"])

look = lambda do |id, part, on, ask, sound, findings|
  Munimen::Inspection::InspectionItem.define id, group: :visible, part: do
    ask ask
    sound sound
    on(&on)
    findings.each do |finding, (text, grade, source, due_in, explain, remedy, books)|
      wrong finding, text, grade, source:, due_in:, explain:, remedy:, books:
    end
  end
end
all = ->(_) { true }
live = ->(heater) { !heater.electric_sources.empty? }
group = Munimen::Heater::Parts::UNVENTED

look.call :flue_damper,
          :flue,
          ->(heater) { heater.gas? && %i[damper power unknown].include?(heater.vent) },
          "Vent damper or power vent",
          "As fitted, free to move",
          stuck: [
            "Damper stuck, or vent motor not running",
            :danger,
            damper,
            0,
            "Exhaust gas may stay in the house. It carries carbon monoxide, which kills.",
            "Burner off until it opens and draws."
          ]
Munimen::Inspection::InspectionItem[:flue_damper].presence(:vent, :damper, :natural)
look.call :flue_size,
          :flue,
          :gas?.to_proc,
          "Flue of the right diameter, no nest or debris",
          "Right size, clear",
          small: [
            "Flue narrower than the {heater}'s collar",
            :defect,
            vent,
            14,
            "The exhaust pipe is too narrow.",
            "Re-pipe at the collar's size or as tables say."
          ],
          debris: [
            "Nest or debris in the flue",
            :danger,
            vent,
            0,
            "The exhaust cannot leave the house. It carries carbon monoxide, which kills.",
            "Burner off until it is cleared and draws."
          ],
          clearance: [
            "Flue too close to what can burn",
            :defect,
            clear,
            7,
            "The hot exhaust pipe is too near to wood or plastic.",
            "Give it its clearance, or a listed shield."
          ],
          scorched: [
            "Wood or plastic at the flue is scorched",
            :danger,
            clear,
            0,
            "The hot exhaust pipe has begun to burn what is near it.",
            "Burner off until it has its clearance, and the flue has been tested."
          ]
look.call :gas_smell_seen,
          :gas_control,
          :gas?.to_proc,
          "No smell of gas, no soot at the burner door",
          "None",
          smell: [
            "Smell of gas",
            :danger,
            escape,
            0,
            "Gas is escaping.",
            "Everybody out; call from outside; gas off only if it lies on the way."
          ],
          soot: [
            "Soot at the burner door",
            :danger,
            unsafe,
            0,
            "The burner does not burn clean. Soot comes with carbon monoxide.",
            "Burner off, ventilate, CO test."
          ]
look.call :gas_shut_off,
          :gas_cock,
          :gas?.to_proc,
          "{Gas_cock} with union, within reach",
          "Present, reachable",
          missing: [
            "No {gas_cock} at the {heater}",
            :defect,
            fuel,
            30,
            "The gas to the {heater} cannot be shut off on its own.",
            "Fit a listed valve and a union."
          ],
          trap: [
            "No sediment trap ahead of the gas control, and none built in",
            :defect,
            trap,
            60,
            "Dirt in the gas pipe is not caught before the burner.",
            "Fit a drip leg at the next gas work.",
            us
          ],
          trap_unseen: [
            "Whether there is a sediment trap cannot be seen",
            :watch,
            trap,
            365,
            "Whether dirt in the gas pipe is caught before the burner could not be seen.",
            "Look for it when the gas pipe is next open.",
            us
          ],
          connector: [
            "Gas connector kinked, corroded or of an old type",
            :defect,
            fuel,
            0,
            "The flexible gas pipe is not safe any more.",
            "Gas off today; replace the connector, prove it tight."
          ]
look.call :burner_door,
          :burner,
          :gas?.to_proc,
          "Burner door and its gasket",
          "Closed and sealed",
          loose: [
            "Burner door loose, or its gasket damaged",
            :defect,
            practice.call("the chamber must be sealed"),
            0,
            "The burner's door does not seal.",
            "Not fired until it seals: seat it, renew the gasket."
          ]
look.call :never_relight,
          :burner,
          :gas?.to_proc,
          "No sign of flood or {vapour} event at the controls",
          "None",
          flood: [
            "Controls have been under water",
            :danger,
            practice.call("never relight after a flood: replace"),
            0,
            "The gas control has been under water and cannot be trusted.",
            "Gas off; replace control or {heater}, never relight."
          ],
          vapour: [
            "Flammable-{vapour} sensor or screen burnt",
            :danger,
            practice.call("never relight after such an event: replace"),
            0,
            "There has been a flash of {vapour} here.",
            "Gas off; replace the {heater}, find where it came from."
          ],
          recall: [
            "Under a recall",
            :danger,
            practice.call("as the maker's notice says"),
            0,
            "The maker has called this {heater} back.",
            "As the maker's notice says; off until then."
          ]
look.call :covers,
          :disconnect,
          live,
          "Covers, guards and insulation over the {elements}",
          "On",
          off: [
            "A cover or guard is missing",
            :danger,
            cover,
            0,
            "Live parts can be touched.",
            "Power off and locked; covers on before it runs."
          ],
          wet: [
            "Leak that wets terminals or wiring",
            :danger,
            cover,
            0,
            "Water runs onto electrical parts. It can shock, and it can burn.",
            "Power off, locked and proved dead; mend the leak, dry it, prove insulation " \
            "and {earth}."
          ],
          scorched: [
            "Scorched wire or terminal",
            :danger,
            scorch,
            0,
            "A connection has been running hot.",
            "Power off and locked; dead and proved, cut back, new terminal, right torque."
          ]
look.call :flex,
          :disconnect,
          live,
          "Cable or {flex} to the {elements}",
          "Heat-resisting, undamaged, held",
          damaged: [
            "Cable damaged or not held",
            :defect,
            wiring,
            14,
            "The cable could pull loose or fray.",
            "Replace it, with its clamp."
          ],
          bare: [
            "Cable damaged down to bare metal",
            :danger,
            wiring,
            0,
            "A live wire can be touched.",
            "Power off and locked; replace the cable before it runs."
          ],
          wrong_type: [
            "Cable not fit for the heat or the load",
            :defect,
            wiring,
            30,
            "The cable is not made for this heat.",
            "Replace with heat-resisting cable of the right size."
          ]
look.call :blanket,
          :tank,
          all,
          "Jacket, and any extra blanket",
          "Cool to the hand, nothing covered",
          covers_parts: [
            "Blanket over controls, plate, relief valve or burner air",
            :defect,
            practice.call("never over controls, plate, relief valve or air"),
            0,
            "The blanket hides or chokes what must be free.",
            "Cut it back today."
          ],
          wet: [
            "Jacket wet or rusty from behind",
            :watch,
            practice.call("find where it comes from"),
            14,
            "There is moisture behind the outer skin.",
            "Find out whether a fitting or the tank leaks."
          ]
look.call :access,
          :tank,
          all,
          "Room to work, nothing stored against it",
          "Accessible",
          blocked: [
            "No room to work, or things stored against it",
            :defect,
            practice.call("it must be serviced and replaced without damage"),
            60,
            "Nobody can get at the {heater} to make it safe.",
            "Clear the space."
          ],
          combustibles: [
            "Paint, fuel or rags stored beside it",
            :danger,
            practice.call("nothing that burns beside a heater"),
            0,
            "What is stored here can catch fire.",
            "Move it away today."
          ]
look.call :tank_stand,
          :tank,
          all,
          "Stand, level and sound",
          "Level, carries it",
          weak: [
            "Stand rotten, loose or leaning",
            :defect,
            practice.call("a full tank is heavy"),
            30,
            "A full tank is very heavy, and its stand is weak.",
            "Make a sound stand before it gives way."
          ]
look.call :hot_shut_off,
          :hot_outlet,
          all,
          "In a tall building: a valve on the hot outlet",
          "Fitted, or not a tall building",
          missing: [
            "No valve on the hot outlet of a low {heater} in a tall building",
            :advice,
            practice.call("a service would drain the riser"),
            365,
            "Every service lets the water of the whole building run out.",
            "Fit one when the pipes are next open."
          ]
look.call :bonding,
          :hot_outlet,
          all,
          "Bond between hot and cold, where asked for",
          "Seen, or not asked for",
          absent: [
            "Bond missing where it is asked for",
            :defect,
            bond,
            60,
            "The pipes are not joined electrically as they should be.",
            "Have it bonded."
          ]
look.call :mixing_valve,
          :mixing_valve,
          ->(heater) { heater.mixing_valve == :yes },
          "Mixing valve",
          "Dry, serviced, labelled",
          leaking: [
            "Mixing valve leaks",
            :defect,
            practice.call("repairable"),
            30,
            "The valve that keeps the water from scalding drips.",
            "Service or replace it."
          ],
          reversed: [
            "Hot and cold reversed at the mixing valve",
            :defect,
            practice.call("it will not limit"),
            7,
            "The valve that should keep the water from scalding is connected the wrong way round.",
            "Re-pipe it."
          ]
look.call :recirculation,
          :recirculation_pump,
          ->(heater) { heater.recirculation == :yes },
          "Recirculation pump and its check valve",
          "Runs, check valve fitted",
          no_check: [
            "No check valve in the return",
            :watch,
            practice.call("cold can run back through the return"),
            60,
            "Water can run the wrong way through the return pipe.",
            "Fit a check valve."
          ],
          leaking: [
            "Pump leaks or seized",
            :defect,
            practice.call("repairable"),
            60,
            "The pump that brings hot water quickly has failed.",
            "Replace it."
          ]
look.call :vessel_seen,
          :vessel,
          :vessel?.to_proc,
          "The {vessel}: supported, dry, no valve before it",
          "Supported and dry",
          unsupported: [
            "{Vessel} not supported",
            :watch,
            practice.call("full of water it is heavy"),
            90,
            "If its inside fails, the small tank becomes heavy and can tear its pipe.",
            "Strap or bracket it."
          ],
          weeping: [
            "Its shell or joint drips or rusts",
            :defect,
            practice.call("a dripping shell has failed"),
            14,
            "The small tank that cushions the pressure is rusting through.",
            "Replace it."
          ],
          valve_before: [
            "A valve between tank and {vessel}",
            :defect,
            practice.call("nothing may shut it off"),
            14,
            "Somebody could shut the small safety tank off.",
            "Take the valve out, or seal it open."
          ],
          upstream: [
            "It sits before the {heater}'s own valve",
            :advice,
            practice.call("the valve of the house isolates it, not that of the tank"),
            365,
            "The small tank works, but it is shut off with the house.",
            "Its charge is read with the house supply shut."
          ]
look.call :regulator_seen,
          :regulator,
          ->(heater) { !heater.unvented? && heater.regulator != :no },
          "The {regulator}",
          "Dry, no hum",
          leaking: [
            "{Regulator} leaks",
            :defect,
            practice.call("repairable"),
            30,
            "The device that lowers the street's water pressure drips.",
            "Service or replace it."
          ]
look.call :dial_seen,
          :gas_control,
          :gas?.to_proc,
          "Dial of the gas control",
          "Marked and sound",
          top: [
            "Dial turned to the top",
            :watch,
            practice.call("often turned up to cure running out; it scalds and costs"),
            7,
            "The temperature is set as high as it goes.",
            "Find out why it was turned up; turn it down."
          ],
          broken: [
            "Knob or dial broken",
            :defect,
            practice.call("the setting cannot be trusted"),
            30,
            "The temperature cannot be set.",
            "Replace the knob or the control."
          ],
          light_dark: [
            "Status light dark: the control has no power",
            :watch,
            practice.call("a light that blinks shows that the control has power"),
            7,
            "The electronics of the burner have no power.",
            "Read the generator's voltage, or its feed."
          ],
          light_code: [
            "Status light blinks an error code",
            :watch,
            practice.call("the maker's list says what each code means"),
            7,
            "The burner's control reports a fault.",
            "Write the code down and look it up on the maker's label."
          ]
look.call :age,
          :data_plate,
          all,
          "Age",
          "Within its expected life",
          old: [
            "Past its expected life",
            :watch,
            practice.call("10–15 years for most tanks"),
            365,
            "The {heater} is old; plan its replacement before it leaks.",
            "Plan the replacement; look yearly for rust."
          ]
look.call :inlet_group_seen,
          :inlet_group,
          group,
          "Inlet control group",
          "Complete, dry, no crust, arrow with the flow",
          crust: [
            "Green or white crust on its body",
            :defect,
            practice.call("a weeping joint, a porous casting or past over-pressure"),
            30,
            "The inlet valves are weeping.",
            "Replace the group."
          ],
          incomplete: [
            "Strainer, reducing, check or relief valve missing from it",
            :danger,
            g3.call("G3, inlet group"),
            0,
            "A safety part of the inlet is missing.",
            "Isolate every heat source until it is complete."
          ],
          reversed: [
            "Fitted against its arrow",
            :defect,
            g3.call("G3, inlet group"),
            14,
            "The inlet valves are fitted the wrong way round.",
            "Turn it round."
          ],
          unbalanced: [
            "Cold branch for mixers taken before it",
            :advice,
            practice.call("a mixer fed at two pressures will not mix"),
            365,
            "Showers may not mix well.",
            "Take the cold from the balanced outlet."
          ]
look.call :expansion_relief_seen,
          :expansion_relief,
          ->(heater) { heater.expansion_relief != :no },
          "{Expansion_relief}",
          "Present, nothing between it and the cylinder",
          missing: [
            "No {expansion_relief}",
            :danger,
            g3.call("G3, expansion"),
            0,
            "A safety valve against pressure is missing.",
            "Isolate every heat source until one is fitted."
          ],
          isolated: [
            "A valve between it and the cylinder",
            :danger,
            g3.call("G3, expansion"),
            0,
            "A safety valve can be shut off.",
            "Open it now; take the valve out."
          ],
          plugged: [
            "{Expansion_relief} plugged or capped",
            :danger,
            g3.call("G3, expansion"),
            0,
            "A safety valve against pressure has been blocked.",
            "Isolate every heat source; open or replace it."
          ]
look.call :cut_out_seen,
          :cut_out,
          group,
          "Energy cut-outs, one on each heat source",
          "Manual reset, wired in",
          missing: [
            "A heat source without energy cut-out",
            :danger,
            g3.call("G3, three tiers"),
            0,
            "The second of three safety devices is missing.",
            "Isolate that heat source until one is fitted."
          ],
          bridged: [
            "Cut-out by-passed or bridged",
            :danger,
            g3.call("G3, three tiers"),
            0,
            "The second of three safety devices has been put out of action.",
            "Isolate that heat source; wire it in."
          ],
          tripped: [
            "Cut-out found tripped",
            :defect,
            practice.call("it tripped for a reason"),
            0,
            "A safety switch has acted: something overheated.",
            "Find out why before you reset it."
          ]
look.call :high_limit_seen,
          :high_limit,
          :electric?.to_proc,
          "{High_limit}, reset by hand, its contacts not bridged",
          "Fitted, wired in",
          missing: [
            "No {high_limit}",
            :danger,
            wiring,
            0,
            "The switch that stops the heat when a thermostat sticks is missing.",
            "Power off and locked until one is fitted and proved."
          ],
          bridged: [
            "{High_limit} by-passed or bridged",
            :danger,
            wiring,
            0,
            "The switch that stops the heat when a thermostat sticks has been put out of action.",
            "Power off and locked; wire it in, prove it."
          ]
look.call :two_port_seen,
          :two_port,
          :coil?.to_proc,
          "{Two_port} on the coil's flow",
          "Fitted, on auto",
          missing: [
            "No {two_port} or pump control on the coil",
            :danger,
            two_port,
            0,
            "Nothing would stop the boiler from overheating the {heater}.",
            "Isolate the coil until one is fitted."
          ],
          manual: [
            "Left on manual",
            :defect,
            practice.call("held open by hand it controls nothing"),
            0,
            "The valve that stops the heat is held open.",
            "Set it to auto today."
          ],
          weeping: [
            "{Two_port} weeps or its head is wet",
            :defect,
            practice.call("water in the head stops it"),
            14,
            "A control valve drips.",
            "Replace the valve."
          ]
look.call :coil_valves,
          :coil,
          :coil?.to_proc,
          "Valves on the coil's pipes, right way round",
          "Valves fitted, flow and return right",
          none: [
            "No valves on the coil's pipes",
            :advice,
            practice.call("the heating stays off while the coil is worked on"),
            365,
            "The heating must be drained to work on the {heater}.",
            "Fit valves when the pipes are next cut."
          ],
          swapped: [
            "Flow and return swapped",
            :defect,
            practice.call("the coil gives up less"),
            60,
            "The heating pipes are connected the wrong way round.",
            "Swap them."
          ]
look.call :wiring_seen,
          :programmer,
          :coil?.to_proc,
          "Programmer and wiring box",
          "Closed, cables clamped",
          open: [
            "Wiring box open or cable not clamped",
            :defect,
            wiring,
            7,
            "Live parts can be touched.",
            "Dead and proved; clamp and close."
          ],
          no_stat: [
            "No thermostat in the chain",
            :danger,
            practice.call("water far above any setting"),
            0,
            "Nothing limits the water's temperature.",
            "Isolate the coil until a thermostat is wired in."
          ]
look.call :insulation_cylinder,
          :tank,
          group,
          "Commissioning record, labels and warnings",
          "Present",
          none: [
            "Commissioning record or warning label missing",
            :advice,
            g3.call("G3, marking"),
            365,
            "Nobody can see who commissioned it and what must not be done.",
            "Fit the label, start a record."
          ]
