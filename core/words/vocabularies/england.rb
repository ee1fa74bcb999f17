# frozen_string_literal: true

Munimen::Words.define :england,
                      terms: {
                        tap: "tap",
                        taps: "taps",
                        heater: "cylinder",
                        relief_valve: "temperature and pressure relief valve",
                        vessel: "expansion vessel",
                        regulator: "pressure reducing valve",
                        supply_valve: "cold isolating valve",
                        earth: "earth",
                        earthing: "earthing",
                        mains: "mains",
                        street: "mains",
                        high_limit: "energy cut-out",
                        cut_out: "energy cut-out",
                        tire_gauge: "tyre gauge",
                        breaker: "circuit breaker",
                        isolator: "switched spur or circuit breaker",
                        hose_bib: "outside tap",
                        draw: "forty litres",
                        draught: "draught",
                        gas_cock: "gas isolating valve",
                        near_pipes: "first metre",
                        element: "immersion element",
                        elements: "immersion elements",
                        expansion_relief: "expansion relief valve",
                        two_port: "two-port valve",
                        controls: "heating controls",
                        spilt_air: "outdoors",
                        flex: "flex",
                        attic: "loft",
                        gauge_point:
                          "After the inlet group, at the balanced cold outlet or a test point.",
                        mains_side: "Mains, before the inlet group",
                        gas_emergency:
                          "Smell gas? Touch no switch and no phone inside: go out, leave the " \
                          "door open, and call 0800 111 999 from there.",
                        lpg_emergency:
                          "Smell gas? Touch no switch and no phone inside: go out, leave the " \
                          "door open, and call your LPG supplier's emergency number, on the " \
                          "tank, the cylinder or the bill, from there.",
                        any_gas_emergency:
                          "Smell gas? Touch no switch and no phone inside: go out, leave the " \
                          "door open, and call from there: mains gas 0800 111 999, LPG the " \
                          "supplier's number on tank, cylinder or bill.",
                        emergency_service:
                          "0800 111 999 for mains gas, the supplier's emergency number for LPG, " \
                          "999 " \
                          "where anybody is ill",
                        licence: "registration",
                        bath_limit: "48 °C",
                        bath: "the bath",
                        relief_outlet: "the tundish",
                        color: "colour",
                        plumber: "installer",
                        burner_room: "room",
                        electrician: "electrician",
                        vapour: "vapour",
                        joint_tape: "PTFE tape"
                      },
                      parts: {
                        house_main: "Mains entry",
                        regulator: "Reducing valve",
                        backflow: "Check valve",
                        inlet_group: "Inlet group",
                        flue: "Flue",
                        draft_hood: "Draught diverter",
                        cold_shut_off: "Isolating valve",
                        vessel: "Expansion vessel",
                        bubble: "Air bubble",
                        hot_outlet: "Hot outlet",
                        mixing_valve: "Mixing valve",
                        recirculation_pump: "Return pump",
                        anode: "Anode",
                        dip_tube: "Inlet diffuser",
                        relief_valve: "T&P relief",
                        expansion_relief: "Expansion relief",
                        tundish: "Tundish",
                        discharge_pipe: "D1 and D2",
                        compressor: "Heat pump",
                        upper_element: "Upper immersion",
                        lower_element: "Lower immersion",
                        immersion: "Immersion",
                        high_limit: "Energy cut-out",
                        cut_out: "Energy cut-out",
                        thermostat: "Thermostat",
                        disconnect: "Isolation",
                        two_port: "Two-port valve",
                        programmer: "Programmer",
                        coil: "Coil",
                        tank: "Cylinder",
                        data_plate: "Data plate",
                        gas_control: "Gas control",
                        gas_cock: "Gas valve",
                        burner: "Burner",
                        drain_valve: "Drain valve",
                        pan: "Drip tray",
                        tap: "Hot tap",
                        discharge_end: "End of D2",
                        site: "The premises",
                        heater: "Cylinder"
                      },
                      gloss: {
                        "expansion vessel" =>
                          "a small vessel that takes up the water's growth when it heats",
                        "temperature and pressure relief valve" =>
                          "the last safety valve: it opens if the stored water becomes far too " \
                          "hot or its pressure too high",
                        "expansion relief valve" =>
                          "the safety valve that opens first if pressure rises when the water " \
                          "heats",
                        "tundish" =>
                          "the open funnel in which you can see whether a safety valve is " \
                          "letting water go",
                        "charge" => "the air pressure in the expansion vessel",
                        "energy cut-out" =>
                          "the switch that stops the heat if the thermostat fails; it must be " \
                          "reset by hand",
                        "pressure reducing valve" =>
                          "the device that lowers the pressure of the mains"
                      }
