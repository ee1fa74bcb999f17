# frozen_string_literal: true

# Gas pipes, circuits and the papers that go with them, as single countries ask for them.
Munimen::Inspection::InspectionItem.define :csst, group: :visible, part: :gas_cock do
  ask "Corrugated gas pipe (CSST) in the house: bonded"
  books :us_irc, :us_upc
  sound "Bonded, or there is none"
  on(&:gas?)
  wrong :unbonded, "Corrugated gas pipe without its bond", :defect,
        who: :electrical,
        source: { us_irc: published("IRC", "G2411.1", clause: :from_memory),
                  us_upc: published("NFPA 54", "7.12.2", clause: :from_memory),
                  canada_npc: published("CSA B149.1", "4.7", clause: :from_memory) },
        remedy: "Have it bonded to the {earth} of the house, as its maker says.",
        due_in: 60, explain: "Lightning near by could burn a hole into the thin gas pipe."
end

Munimen::Inspection::InspectionItem.define :landlord_check, group: :visible, part: :gas_cock do
  ask "Let home: the gas safety check of this year"
  books :england_g3
  sound "In date, or it is not let"
  on { |heater| heater.gas? && heater.let != :no }
  wrong :overdue, "Let home without a gas safety check of the last 12 months", :defect,
        source: published("Gas Safety (Installation and Use) Regulations 1998", "reg. 36",
                          clause: :from_memory),
        remedy: "A registered engineer checks and records it; the tenant gets the record.",
        due_in: 0, explain: "The law asks for a yearly check where a home is let; it is missing."
end

Munimen::Inspection::InspectionItem.define :rcd, group: :visible, part: :disconnect do
  ask "Circuit of the {heater}: protected by an RCD where the book wants one"
  books :england_g3
  sound "RCD, or none is wanted"
  on { |heater| !heater.electric_sources.empty? }
  wrong :none, "No RCD on a circuit in or through a bathroom", :watch,
        who: :electrical,
        source: published("BS 7671", "415.1, 701.411.3.3", clause: :from_memory),
        remedy: "Have an electrician look at the circuit; new ones are notified (Part P).",
        due_in: 90, explain: "The circuit lacks the protection that a bathroom asks for today."
end

Munimen::Inspection::InspectionItem.define :immersion_cut_out, group: :visible, part: :immersion do
  ask "Immersion heater: a cut-out of its own, reset by hand"
  books :england_g3
  sound "There"
  on { |heater| heater.coil? && heater.backup_immersion == :yes }
  wrong :absent, "Immersion heater without its own cut-out", :danger,
        source: published("Approved Document G", "G3, non-self-resetting cut-out",
                          clause: :from_memory),
        remedy: "Immersion off and locked until one with a cut-out is fitted and tested.",
        due_in: 0,
        explain: "If its thermostat sticks, nothing stops this heater before the water boils."
end
