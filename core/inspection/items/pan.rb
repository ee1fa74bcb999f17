# frozen_string_literal: true

# What catches a leak, and whether one is wanted.
Munimen::Inspection::InspectionItem.define :pan, group: :visible, part: :pan do
  ask "Pan under the {heater}, and its drain"
  sound "Present, drained"
  on { |heater| heater.pan != :no }
  wrong :no_pan, "No pan where a leak would do damage", :defect,
        source: code(irc: "P2801.6", upc: "507.5", practice: "a tray where a leak would do damage"),
        remedy: "Fit a pan with a drain.",
        due_in: 180, explain: "A leak would run into the building."
  wrong :no_drain, "Pan without a drain, or a drain that is too small", :defect,
        source: code(irc: "P2801.6", upc: "507.5", practice: "a tray where a leak would do damage"),
        remedy: "Run a drain of 3/4 in (22 mm) or more to outdoors or an indirect waste.",
        due_in: 180, explain: "The tray under the heater cannot empty."
  wrong :plastic, "Plastic pan under a gas heater", :defect,
        books: %i[us_irc us_upc],
        source: code(irc: "P2801.6", upc: "507.5"),
        remedy: "Fit a metal pan.",
        due_in: 90, explain: "The tray under the burner can melt or burn."
  wrong :shallow, "Pan less than 1½ in deep, or too small for the {heater}", :defect,
        books: %i[us_irc us_upc],
        source: code(irc: "P2801.6", upc: "507.5"),
        remedy: "Fit a pan at least 1½ in deep that holds what drips.",
        due_in: 180, explain: "The tray under the heater holds too little."
  wrong :no_drain_before, "Pan without a drain, where the {heater} before it had none", :advice,
        books: %i[us_irc],
        source: published("IRC", "P2801.6.1", clause: :from_memory),
        remedy: "Run a drain of 3/4 in or more to outdoors or an indirect waste, if it can be had.",
        due_in: 365, explain: "The tray under the heater cannot empty; a leak alarm tells of it."
end

# A heater that is recorded without one is asked whether it wants one where it stands.
Munimen::Inspection::InspectionItem.define :pan_needed, group: :visible, part: :tank do
  ask "No pan: would a leak here do damage?"
  sound "No: it would run off, or harm nothing"
  on { |heater| heater.pan == :no }
  as_at :pan, :no_pan
end
