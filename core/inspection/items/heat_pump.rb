# frozen_string_literal: true

# What a heat pump wants around it, and what shows that something is wrong with it. Handbook §27.
heat_pump = :heat_pump?.to_proc

Munimen::Inspection::InspectionItem.define :heat_pump_filter, group: :visible, part: :compressor do
  ask "Air filter"
  sound "Clean, in its place"
  on(&heat_pump)
  wrong :dirty, "Air filter dirty", :watch,
        source: common_practice("air that does not pass costs capacity, and ices the coil"),
        remedy: "Clean it today, and show the household how.", due_in: 90,
        explain: "The filter is full of dust, so the heater takes longer and costs more."
  wrong :missing, "Air filter missing or torn", :defect,
        source: common_practice("the coil behind it fills with dust"),
        remedy: "Fit the maker's filter, and clean the coil behind it.", due_in: 30,
        explain: "Without its filter the heater draws dust into itself."
end

Munimen::Inspection::InspectionItem.define :heat_pump_air, group: :visible, part: :compressor do
  ask "Its air: room or ducts, 15 cm (6 in) free at intake and outlet"
  sound "Room of about 20 m³ (700 ft³), or ducts or louvres as its maker says, nothing against it"
  on(&heat_pump)
  wrong :small_room, "Room too small, without louvres or ducts", :defect,
        source: common_practice("about 20 m³ (700 ft³), or as the maker says"),
        remedy: "Louvred door or ducts as the maker says.", due_in: 90,
        explain: "The heater cools the little air it has, takes longer and costs more."
  wrong :blocked, "Something stands against its intake or outlet", :watch,
        source: common_practice("15 cm (6 in) free, or as the maker says"),
        remedy: "Clear it today, and tell the household.", due_in: 0,
        explain: "The heater cannot draw its air."
  wrong :pulls_on_flue, "Its fan or duct pulls on an open-flued appliance", :danger,
        source: published("NFPA 54, BS 5440-1", "spillage test with fans running"),
        remedy: "Its power off; a spillage test there with it running, and its air from elsewhere.",
        due_in: 0, who: :gas,
        explain: "Its fan can draw flue gas of another appliance into the room. It carries " \
                 "carbon monoxide, which kills."
end

Munimen::Inspection::InspectionItem.define :condensate_pipe, group: :visible, part: :compressor do
  ask "Condensate: where it runs"
  sound "Falls all the way, trapped as its maker says, ends where frost and people are safe"
  on(&heat_pump)
  wrong :sags, "Condensate pipe sags or rises", :watch,
        source: common_practice("condensate runs by its fall alone"),
        remedy: "Re-hang it to fall all the way.", due_in: 90,
        explain: "Water from the air cannot run away and may come out under the heater."
  wrong :into_relief, "Condensate led into the relief valve's discharge pipe", :defect,
        source: common_practice("the relief valve's pipe carries nothing else"),
        remedy: "Lead it away by itself.", due_in: 30,
        explain: "Two drains share a pipe that only the safety valve may use."
  wrong :freezes, "Condensate ends where it freezes or people slip", :watch,
        source: common_practice("condensate freezes"),
        remedy: "Lead it to a drain indoors.", due_in: 90,
        explain: "Water dripping outside can freeze where people walk, or block the pipe."
end

Munimen::Inspection::InspectionItem.define :refrigerant, group: :visible, part: :compressor do
  ask "Refrigerant circuit: hiss, oil, ice that stays"
  sound "No hiss, no oil, no ice that stays"
  on(&heat_pump)
  wrong :suspected, "Refrigerant may be leaking: hiss, oil, or ice that stays", :danger,
        source: published("EN 378, ASHRAE 15", "flammable and suffocating refrigerants"),
        remedy: "Touch nothing on it, no flame; doors open on the way out; isolate it from " \
                "another room only. Whoever is certified for refrigerants.",
        due_in: 0,
        explain: "The gas that carries the heat may be escaping. It can burn, and takes the " \
                 "place of the air."
end

Munimen::Inspection::InspectionItem.define :heat_pump_stands, group: :visible, part: :compressor do
  ask "Stands level, sounds as it should"
  sound "Level, an even hum"
  on(&heat_pump)
  wrong :tilted, "Not level", :watch, source: common_practice("the condensate runs to its outlet"),
        remedy: "Level it.", due_in: 90,
        explain: "The heater leans, so water from the air may run out on the wrong side."
  wrong :noisy, "Rattles or grinds", :defect,
        source: common_practice("bearings and fans that wear grow loud first"),
        remedy: "Find what is loose; a compressor that grinds is its maker's.", due_in: 30,
        explain: "A noise it did not have before says that something is loose or worn."
end
