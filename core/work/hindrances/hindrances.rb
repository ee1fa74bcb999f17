# frozen_string_literal: true

# What is met again and again; minutes from memory.
one = lambda do |id, text, brings, minutes, on = nil|
  Munimen::Work::Hindrance.define(id) do
    text text
    brings(*brings)
    minutes minutes
    on(&on) if on
  end
end

one.call :glued_pipe, "The discharge pipe is glued at the valve",
         ["Pipe cutter", "Joint that comes apart, full size"], 15
one.call :brittle_drain, "The drain valve is brittle plastic",
         ["Drain valve", "Shut-off for a hose, to drain by the {relief_valve}'s opening"], 10
one.call :stuck_cap, "A cap or cover does not come off by hand",
         ["Strap wrench", "Penetrating oil"], 10
one.call :narrow, "Narrow: a loft, a crawl space or a cupboard",
         ["Head lamp", "Knee pads", "Short tools"], 15
one.call :no_light, "No light, or no socket near by", ["Work lamp with a battery"], 5
one.call :far_water, "Far from a drain: the hose is long", ["50 ft (15 m) of hose", "Pump"], 10
one.call :seized_shut_off, "The shut-off does not close",
         ["Freeze kit or a valve for the street side"], 20
one.call :second_pair, "It wants two people", ["A second pair of hands"], 0
one.call :key, "Somebody must be rung for the key", ["The key's telephone number"], 10
one.call :access_panel, "Behind a panel that must be taken off", ["Screwdriver with bits"], 10
one.call :anode_seized, "The anode did not come out", ["Breaker bar", "Impact wrench"], 15,
         ->(heater) { heater.anode != :none }
one.call :burner_door, "The burner's door is corroded", ["Gasket for the burner's door"], 10,
         :gas?.to_proc
