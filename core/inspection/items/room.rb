# frozen_string_literal: true

# What the room in which it stands asks for.
Munimen::Inspection::InspectionItem.define :impact, group: :visible, part: :tank do
  ask "Where cars are driven: guarded against being struck"
  books :us_irc, :us_upc
  sound "Behind a post or wall, or out of the way"
  on { |heater| !heater.coil? && %i[garage unknown].include?(heater.location) }
  wrong :unguarded, "Stands in the way of cars, without a guard", :defect,
        source: { us_irc: published("IRC", "M1307.3.1", clause: :from_memory),
                  us_upc: published("UPC", "507.13.1", clause: :from_memory),
                  canada_npc: common_practice("a post where a car could strike it") },
        remedy: "A post or a wall between it and the cars, or another place.",
        due_in: 60, explain: "A car could strike the heater, its gas pipe or its flue."
end

Munimen::Inspection::InspectionItem.define :attic_access, group: :visible, part: :tank do
  ask "In the attic: a floor to stand on, a way to it, a light"
  books :us_irc, :us_upc
  sound "All three"
  on { |heater| heater.location == :attic }
  wrong :unsafe, "No floor, no way or no light at a heater in the attic", :defect,
        source: { us_irc: published("IRC", "M1305.1.3", clause: :from_memory),
                  us_upc: published("UPC", "508.4", clause: :from_memory),
                  canada_npc: common_practice("a safe way to what has to be serviced") },
        remedy: "A floor and a passage of 24 in or more, a light and its switch at the hatch.",
        due_in: 90, explain: "Nobody can work safely at the heater."
end

Munimen::Inspection::InspectionItem.define :discharge_frost, group: :visible,
part: :discharge_pipe do
  ask "Where the safety pipe can freeze"
  sound "Nowhere on its way"
  on { |heater| %i[garage attic outside unknown].include?(heater.location) }
  wrong :exposed, "The safety pipe runs where it can freeze", :defect,
        source: { us_irc: common_practice("ice in the pipe shuts the valve off"),
                  us_upc: published("UPC", "608.5", clause: :from_memory),
                  england_g3: common_practice("ice in the pipe shuts the valve off") },
        remedy: "Run it through warm rooms, with fall, or end it indoors over a receptor.",
        due_in: 30, explain: "Ice could close the pipe of the safety valve."
end
