# frozen_string_literal: true

Munimen::Words.define :us, terms: {
  tap: "faucet", taps: "faucets", heater: "water heater", relief_valve: "T&P valve", vessel: "expansion tank",
  regulator: "pressure regulator", supply_valve: "cold shut-off", earth: "ground", earthing: "grounding", mains: "street main", street: "street",
  high_limit: "high limit", cut_out: "high limit", tire_gauge: "tire gauge", breaker: "breaker", isolator: "breaker or disconnect", hose_bib: "hose bib",
  draw: "ten gallons", draught: "draft", gas_cock: "gas shut-off", two_feet: "first two feet", element: "element", elements: "elements",
  expansion_relief: "expansion relief valve", two_port: "zone valve", controls: "zone controls", spilt_air: "outdoors", flex: "cord", attic: "attic",
  gauge_point: "On a hose bib on the house side of any pressure regulator.", mains_side: "Street side of the pressure regulator, where there is a bib",
  gas_emergency: "Smell gas? Do not touch switches or phones inside: go out and call from there.", licence: "license", bath_limit: "120 °F",
  relief_outlet: "the end of its pipe", color: "color", plumber: "plumber", burner_room: "room", electrician: "electrician", vapour: "vapor", joint_tape: "tape"
}, parts: {
  house_main: "Water entry", regulator: "Pressure regulator", backflow: "Backflow preventer", inlet_group: "Inlet valves", flue: "Flue",
  draft_hood: "Draft hood", cold_shut_off: "Cold shut-off", vessel: "Expansion tank", bubble: "Air space", hot_outlet: "Hot outlet",
  mixing_valve: "Mixing valve", recirculation_pump: "Recirculation pump", anode: "Anode", dip_tube: "Dip tube",
  relief_valve: "T&P valve", expansion_relief: "Expansion relief", tundish: "Air gap fitting", discharge_pipe: "Discharge pipe", upper_element: "Upper element",
  lower_element: "Lower element", immersion: "Back-up element", high_limit: "High limit", cut_out: "High limit", thermostat: "Thermostat",
  disconnect: "Disconnect", two_port: "Zone valve", programmer: "Zone controls", coil: "Coil", tank: "Tank", data_plate: "Data plate",
  gas_control: "Gas control", gas_cock: "Gas shut-off", burner: "Burner", drain_valve: "Drain valve", pan: "Drain pan", tap: "Hot faucet",
  discharge_end: "Discharge end", site: "The site", heater: "Water heater"
}, gloss: {
  "expansion tank" => "a small tank that takes up the water's growth when it heats",
  "T&P valve" => "the safety valve that opens if pressure or temperature go too high",
  "charge" => "the air pressure in the expansion tank",
  "pressure regulator" => "the device that lowers the street's water pressure"
}
