# frozen_string_literal: true

# The discharge pipe of the relief valve, US rules, each item its own check; item numbers from
# memory.

us = %i[us_irc us_upc].freeze

Munimen::Inspection::InspectionItem.define :discharge_present,
                                           group: :discharge_pipe,
                                           part: :discharge_pipe do
  ask "There is a discharge pipe"
  sound "Present"
  wrong :none,
        "No discharge pipe",
        :defect,
        source: code(irc: "P2804.6.1", upc: "608.5", g3: "G3, discharge pipes"),
        remedy: "Fit one at full size to a safe place.",
        due_in: 7,
        explain: "When the safety valve opens, scalding water sprays out beside the {heater}.",
        unsafe_discharge: true,
        books: us
  wrong :none_unvented,
        "No discharge pipe on an unvented {heater}",
        :danger,
        source: code(g3: "G3, discharge pipes"),
        remedy: "Isolate every heat source until its discharge pipes are there.",
        due_in: 0,
        explain: "When a safety valve opens, scalding water or steam comes out beside " \
                 "the {heater}.",
        unsafe_discharge: true,
        books: %i[england_g3]
  wrong :none_people,
        "No discharge pipe where people stand",
        :danger,
        source: code(irc: "P2804.6.1", upc: "608.5", g3: "G3, discharge pipes"),
        remedy: "Keep people away; fit a pipe before the {heater} stays in service.",
        due_in: 0,
        explain: "When the safety valve opens, it scalds whoever stands beside it.",
        unsafe_discharge: true
  wrong :glued,
        "Glued at the valve so that it cannot come off",
        :watch,
        source: common_practice("it comes off whenever the valve is worked on"),
        remedy: "Fit a joint there that comes apart, full size.",
        due_in: 365,
        explain: "The pipe would have to be cut to change the safety valve."
end

Munimen::Inspection::InspectionItem.define :discharge_size,
                                           group: :discharge_pipe,
                                           part: :discharge_pipe do
  ask "Full size to the end (3/4 in)"
  sound "Full size"
  books(*us)
  wrong :reduced,
        "Smaller than the valve's outlet",
        :defect,
        source: code(irc: "P2804.6.1 item 3", upc: "608.5"),
        remedy: "Re-pipe at full size.",
        due_in: 30,
        explain: "The pipe is too narrow to carry what the valve lets out."
end

Munimen::Inspection::InspectionItem.define :discharge_material,
                                           group: :discharge_pipe,
                                           part: :discharge_pipe do
  ask "Rated for hot water"
  sound "Copper, CPVC or PEX one size up"
  books(*us)
  wrong :unsuitable,
        "Material not rated for hot water",
        :defect,
        source: code(irc: "P2804.6.1 item 13", upc: "608.5"),
        remedy: "Re-pipe in copper, CPVC, or PEX one size up.",
        due_in: 30,
        explain: "The pipe could soften or burst with scalding water in it."
end

Munimen::Inspection::InspectionItem.define :discharge_rigid,
                                           group: :discharge_pipe,
                                           part: :discharge_pipe do
  ask "Rigid pipe, fit for at least 99 °C"
  sound "Rigid and fit for it"
  books :canada_npc
  wrong :unsuitable,
        "Pipe soft, or not fit for 99 °C",
        :defect,
        source: published("National Plumbing Code of Canada", "2.6.1.7"),
        remedy: "Re-pipe in rigid pipe fit for at least 99 °C.",
        due_in: 30,
        explain: "The pipe could soften or burst with scalding water in it."
end

Munimen::Inspection::InspectionItem.define :discharge_own,
                                           group: :discharge_pipe,
                                           part: :discharge_pipe do
  ask "Serves this valve only"
  sound "Its own"
  books(*us)
  wrong :shared,
        "Shared with another valve or the pan",
        :defect,
        source: code(irc: "P2804.6.1 item 4", upc: "608.5"),
        remedy: "Give the valve its own pipe.",
        due_in: 30,
        explain: "Two outlets share one pipe and can disturb each other."
end

Munimen::Inspection::InspectionItem.define :discharge_fall,
                                           group: :discharge_pipe,
                                           part: :discharge_pipe do
  ask "Runs by gravity, no trap, no uphill"
  sound "Falls all the way"
  books(*us)
  wrong :trap,
        "A trap or an uphill leg",
        :defect,
        source: code(irc: "P2804.6.1 items 8 and 9", upc: "608.5"),
        remedy: "Re-hang so that it drains by itself.",
        due_in: 30,
        explain: "Water stands in the pipe and can corrode or freeze the valve shut."
end

Munimen::Inspection::InspectionItem.define :discharge_open,
                                           group: :discharge_pipe,
                                           part: :discharge_pipe do
  ask "No valve, tee or cap in it"
  sound "Open all the way"
  wrong :capped,
        "A cap, plug or valve in the pipe",
        :danger,
        source: code(irc: "P2804.6.1 item 12", upc: "608.5", g3: "G3, discharge pipes"),
        remedy: "Open it now; heat off until it is open.",
        due_in: 0,
        explain: "The safety valve's outlet is blocked. It could not relieve the tank.",
        unsafe_discharge: true
  wrong :tee,
        "A tee in the pipe",
        :defect,
        source: code(irc: "P2804.6.1 item 12", upc: "608.5", g3: "G3, discharge pipes"),
        remedy: "Take the tee out.",
        due_in: 30,
        explain: "The pipe branches where it must not."
end

Munimen::Inspection::InspectionItem.define :discharge_thread,
                                           group: :discharge_pipe,
                                           part: :discharge_pipe do
  ask "End not threaded"
  sound "Plain"
  books(*us)
  wrong :threaded,
        "Threaded end",
        :defect,
        source: code(irc: "P2804.6.1 item 11", upc: "608.5"),
        remedy: "Cut the thread off.",
        due_in: 30,
        explain: "A thread invites a cap, and a cap would block the safety valve."
end

Munimen::Inspection::InspectionItem.define :discharge_place,
                                           group: :discharge_pipe,
                                           part: :discharge_end do
  ask "Ends where it is seen and hurts nobody"
  sound "Seen and safe"
  wrong :hidden,
        "Ends where nobody sees it",
        :defect,
        source: code(irc: "P2804.6.1 item 7", upc: "608.5", g3: "G3, safe and visible"),
        remedy: "Bring the end where it is seen.",
        due_in: 30,
        explain: "A discharge would go unnoticed."
  wrong :harmful,
        "Ends where it can scald or do damage",
        :defect,
        source: code(irc: "P2804.6.1 item 6", upc: "608.5", g3: "G3, safe and visible"),
        remedy: "Bring the end to a safe place.",
        due_in: 7,
        explain: "Scalding water could hit people or spoil the building.",
        unsafe_discharge: true
end

Munimen::Inspection::InspectionItem.define :discharge_gap,
                                           group: :discharge_pipe,
                                           part: :discharge_pipe do
  ask "Air gap in the heater's own room"
  sound "Visible"
  books(*us)
  wrong :none,
        "No visible air gap",
        :defect,
        source: code(irc: "P2804.6.1 item 2", upc: "608.5"),
        remedy: "Make an air gap in the heater's room.",
        due_in: 60,
        explain: "There is no visible break between this pipe and the drain."
  wrong :direct,
        "Joined directly to the drainage",
        :defect,
        source: code(irc: "P2804.6.1 item 1", upc: "608.5"),
        remedy: "Break the joint and make an air gap.",
        due_in: 30,
        explain: "The safety pipe is joined to the drains."
end

Munimen::Inspection::InspectionItem.define :discharge_height,
                                           group: :discharge_pipe,
                                           part: :discharge_end do
  ask "Not more than 6 in above floor or receptor"
  sound "6 in or less"
  books :us_irc
  wrong :high,
        "Ends more than 6 in above",
        :defect,
        source: code(irc: "P2804.6.1 item 10"),
        remedy: "Extend it down.",
        due_in: 60,
        explain: "The end is so high that scalding water splashes."
end

Munimen::Inspection::InspectionItem.define :discharge_upc_end,
                                           group: :discharge_pipe,
                                           part: :discharge_end do
  ask "Ends 6–24 in above ground, pointing down"
  sound "So it does"
  books :us_upc
  wrong :high,
        "Ends more than 24 in above",
        :defect,
        source: code(upc: "608.5"),
        remedy: "Extend it down.",
        due_in: 60,
        explain: "The end is so high that scalding water splashes."
  wrong :sideways,
        "Does not point down",
        :defect,
        source: code(upc: "608.5"),
        remedy: "Turn the end down.",
        due_in: 60,
        explain: "Scalding water would shoot sideways."
end

Munimen::Inspection::InspectionItem.define :discharge_clear,
                                           group: :discharge_pipe,
                                           part: :discharge_end do
  ask "At least two pipe diameters above"
  sound "Clear"
  books :us_irc
  wrong :low,
        "Ends closer than two pipe diameters",
        :defect,
        source: code(irc: "P2804.6.1 item 10"),
        remedy: "Shorten it.",
        due_in: 60,
        explain: "The end is so low that it can be blocked."
end

Munimen::Inspection::InspectionItem.define :discharge_insulation,
                                           group: :discharge_pipe,
                                           part: :discharge_pipe do
  ask "Insulated, where local rules ask for it"
  sound "As asked, or not asked"
  books(*us)
  wrong :bare,
        "Relief valve pipe not insulated",
        :advice,
        source: common_practice("local rules in places"),
        remedy: "Insulate it where local rules ask for it.",
        due_in: 365,
        explain: "The pipe is bare; some places ask for insulation."
end
