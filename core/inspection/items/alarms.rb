# frozen_string_literal: true

# What warns the people in the house.
Munimen::Inspection::InspectionItem.define :co_alarm, group: :visible, part: :flue do
  ask "Carbon monoxide alarm, where the book wants it"
  sound "There, in date, sounds at its button"
  on(&:gas?)
  rule = {
    "us_irc" => published("IRC", "R315", clause: :from_memory),
    "us_upc" => common_practice("no clause of a plumbing code; state law asks for it"),
    "canada_npc" => published("National Building Code of Canada", "9.32.3.9", clause: :from_memory),
    "england_g3" => published("Approved Document J; Smoke and Carbon Monoxide Alarm Regulations " \
                              "2022",
                          "carbon monoxide alarms", clause: :from_memory),
    "scotland_4_9" => published("Building Standards Technical Handbook",
                            "3.20; Tolerable Standard of 2022", clause: :from_memory),
    "wales_g" => published("Approved Document J for Wales; Renting Homes (Fitness) Regulations " \
                           "2022",
                       "carbon monoxide alarms", clause: :from_memory)
  }.transform_keys(&:to_sym)
  wrong :none, "No carbon monoxide alarm", :defect,
        source: rule,
        remedy: "Fit one: in the room of the {heater}, or outside the bedrooms, as the book here " \
                "says.",
        due_in: 14,
        explain: "Exhaust gas cannot be smelt. Nothing would wake the people in the house."
  wrong :dead, "Carbon monoxide alarm past its date, or silent at its button", :defect,
        source: rule,
        remedy: "Replace the alarm.",
        due_in: 14, explain: "The alarm would not warn anybody."
end
