# frozen_string_literal: true

# What is read off the plates.

Munimen::Inspection::InspectionItem.define :plate_readable, group: :plate, part: :data_plate do
  ask "Data plate"
  sound "Readable, matches the record"
  wrong :unreadable, "Data plate missing or unreadable", :watch,
        source: common_practice("limits come from the plate"),
        remedy: "Find the maker's data by serial, or treat every limit by the safest case.",
        due_in: 30, explain: "The plate that says what this heater may take cannot be read."
end

Munimen::Inspection::InspectionItem.define :relief_plate, group: :plate, part: :relief_valve do
  ask "Plate of the {relief_valve}"
  sound "Readable"
  wrong :unreadable, "Plate of the {relief_valve} missing or unreadable", :watch,
        source: common_practice("a valve is matched by its plate"),
        remedy: "Photograph what there is; plan the replacement by the heat input.",
        due_in: 90, explain: "The rating of the safety valve cannot be read."
  wrong :rated_low,
        "{Relief_valve} rated below the heat input",
        :danger,
        source: {
          us_irc: published("ANSI Z21.22", "rating"),
          us_upc: published("ANSI Z21.22", "rating"),
          england_g3: published("BS EN 1490", "discharge rating")
        },
        remedy: "Heat off until a valve rated for the input is fitted.",
        due_in: 0,
        explain: "The safety valve is too small for this {heater}.",
        unsafe_discharge: false
end
