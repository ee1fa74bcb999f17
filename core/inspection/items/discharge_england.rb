# frozen_string_literal: true

# D1, tundish and D2: Approved Document G, G3, clauses from memory; each item its own check.

look = lambda do |id, part, ask, sound, findings|
  Munimen::Inspection::InspectionItem.define id, group: :discharge_pipe, part: do
    ask ask
    sound sound
    books :england_g3
    on { |heater| heater.tundish != :no || heater.unvented? }
    findings.each do |finding, (text, grade, due_in, clause, explain, remedy, unsafe)|
      wrong finding,
            text,
            grade,
            source: published("Approved Document G", clause),
            due_in:,
            explain:,
            remedy:,
            unsafe_discharge: unsafe || false,
            who: :unvented
    end
  end
end

look.call :d1_run,
          :discharge_pipe,
          "D1: metal, falls, at most 600 mm, no smaller than the valve's outlet",
          "As it must be",
          small: [
            "D1 smaller than the valve's outlet",
            :defect,
            30,
            "G3, D1",
            "The first pipe is too narrow for the safety valve.",
            "Re-pipe D1 at the outlet's size."
          ],
          long: [
            "D1 longer than 600 mm",
            :defect,
            60,
            "G3, D1",
            "The tundish is too far from the safety valve.",
            "Move the tundish closer."
          ],
          plastic: [
            "D1 not of metal",
            :defect,
            30,
            "G3, D1",
            "The first pipe could soften with scalding water in it.",
            "Re-pipe D1 in copper."
          ],
          uphill: [
            "D1 rises",
            :defect,
            30,
            "G3, D1",
            "Water stands against the safety valve.",
            "Re-pipe D1 vertical or falling."
          ]

look.call :tundish_place,
          :tundish,
          "Tundish: same space, upright, below the valve, in sight",
          "In sight",
          missing: [
            "No tundish",
            :danger,
            0,
            "G3, tundish",
            "Nobody could see that a safety valve is letting water go.",
            "Isolate; fit a tundish before it runs again.",
            true
          ],
          hidden: [
            "Tundish out of sight",
            :defect,
            60,
            "G3, tundish",
            "Nobody would see a safety valve letting water go.",
            "Move it where it is seen, or box with a window."
          ],
          above: [
            "Tundish above the valve",
            :defect,
            30,
            "G3, tundish",
            "Water cannot fall into it.",
            "Move it below the valve."
          ],
          elsewhere: [
            "Tundish in another room",
            :defect,
            60,
            "G3, tundish",
            "Nobody at the cylinder sees it.",
            "Bring it into the cylinder's space."
          ],
          stained: [
            "Tundish wet or stained",
            :watch,
            30,
            "G3, tundish",
            "A safety valve has been letting water go at some time.",
            "Find out which valve, cold or hot."
          ]

look.call :d2_vertical,
          :discharge_pipe,
          "D2 leaves the tundish 300 mm straight down",
          "300 mm and more",
          short: [
            "Less than 300 mm of vertical pipe below the tundish",
            :defect,
            60,
            "G3, D2",
            "The tundish could spill when the valve opens.",
            "Re-pipe with 300 mm straight down before any bend."
          ]

look.call :d2_fall,
          :discharge_pipe,
          "D2 falls at least 1 in 200 all the way",
          "Falls",
          flat: [
            "D2 level, rising or sagging",
            :defect,
            60,
            "G3, D2",
            "Water stands in the pipe.",
            "Re-hang it to fall 1 in 200."
          ]

look.call :d2_material,
          :discharge_pipe,
          "D2: copper, or plastic that its maker proves for it and marks; one size above the " \
          "valve's outlet or larger, no reduction",
          "Copper, or plastic proved and marked for it; right size",
          plastic: [
            "D2 of plastic without a mark or its maker's proof for this",
            :defect,
            30,
            "G3, D2",
            "The pipe could soften with scalding water in it.",
            "Have its maker's proof shown, or re-pipe in copper."
          ],
          same_size: [
            "D2 no larger than the valve's outlet, or smaller than D1",
            :defect,
            60,
            "G3, D2",
            "The pipe is too narrow; the tundish would spill.",
            "Re-pipe by its equivalent length."
          ]

look.call :d2_route,
          :discharge_pipe,
          "D2's end found and seen, hidden on its way or not; not blocked by later work",
          "Its end is found and open",
          lost: [
            "Nobody can find or see where D2 ends",
            :defect,
            60,
            "G3, D2",
            "Nobody would see the safety valves let water go, nor that the pipe is blocked.",
            "Find its end, or run a new D2 to one that is seen."
          ],
          buried: [
            "D2 runs in the ground or built in, with its end in sight",
            :advice,
            365,
            "G3, D2",
            "Part of the pipe cannot be looked at; its end can.",
            "Test it with both valves open; keep a plan of where it runs."
          ],
          blocked: [
            "D2 blocked or cut off by building work",
            :danger,
            0,
            "G3, D2",
            "The safety valves cannot let water go.",
            "Isolate every heat source until it is open.",
            true
          ]

look.call :d2_shared,
          :discharge_pipe,
          "If it is shared: six systems at most, each with its tundish",
          "Not shared, or as it must be",
          many: [
            "D2 shared by more than six systems",
            :defect,
            60,
            "G3, D2",
            "Too many safety valves end in one pipe.",
            "Have it designed anew."
          ]

look.call :d2_stack,
          :discharge_pipe,
          "Into a soil stack only under its own conditions",
          "No stack, or heat-proof with a mechanical seal and no water trap, by a branch of its " \
          "own",
          branch: [
            "Joins the stack through another branch, or a sanitary appliance drains into it",
            :defect,
            30,
            "G3, soil stack",
            "Scalding water could come back into a basin or a bath.",
            "Give it a branch of its own to the stack, with no appliance on it."
          ],
          unmarked: [
            "No mark on the stack that it carries scalding discharge",
            :advice,
            365,
            "G3, soil stack",
            "Nobody who works on the stack later would know what it may carry.",
            "Mark the stack where the pipe joins it."
          ],
          stack: [
            "Into a soil stack that is not heat-proof, or through a water trap",
            :defect,
            30,
            "G3, soil stack",
            "Scalding water could damage the drains.",
            "Refer: it wants a mechanical seal without a water trap, and a stack that stands " \
            "the heat."
          ]

look.call :d2_end_low,
          :discharge_end,
          "Low-level end: 100 mm at most, with a guard, or under a grating",
          "Low and guarded, or not at low level",
          high: [
            "Ends more than 100 mm above ground",
            :defect,
            60,
            "G3, low level",
            "Scalding water would splash.",
            "Extend it down."
          ],
          no_guard: [
            "No guard at a low-level end",
            :defect,
            60,
            "G3, low level",
            "Children could put a hand there.",
            "Fit a guard."
          ]

look.call :d2_end_high,
          :discharge_end,
          "High-level end: metal hopper, or a roof that stands the heat, 3 m from plastic gutters",
          "Metal hopper, or a roof fit for it, or not at high level",
          soft_roof: [
            "Onto a roof that does not stand scalding water",
            :defect,
            60,
            "G3, high level",
            "Scalding water would damage the roof.",
            "Move the end, or lead it into a metal hopper and downpipe."
          ],
          plastic_gutter: [
            "Onto a roof less than 3 m from plastic gutters",
            :defect,
            60,
            "G3, high level",
            "Scalding water would run into plastic gutters.",
            "Move the end, or change to metal."
          ],
          plastic_hopper: [
            "Into a plastic hopper",
            :defect,
            60,
            "G3, high level",
            "The hopper could soften and let go.",
            "Fit a metal hopper and downpipe."
          ]
