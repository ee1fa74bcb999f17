# frozen_string_literal: true

# Draws, coil and controls, flow, noise, smell, leaks.
t = Munimen::Faults::Test.method(:line)

t.call :draw_shape,
       "Run one hot {tap}: it comes",
       {
         sharp: "hot, then cold all at once, after about two thirds of the tank",
         luke_warm: "luke-warm from the start",
         short: "hot, but for much less"
       },
       minutes: 8,
       depth: :reading,
       caution: [:scald]
t.call :supply_shut_runs,
       "Cold supply of the {heater} shut, a hot {tap} opened",
       { stops: "stops", runs: "goes on running" },
       minutes: 3,
       depth: :reading
t.call :pipes_warm,
       "After an hour without use the pipes away from the tank are",
       {
         cool: "cool",
         cold_branch_warm: "warm on a cold branch",
         return_warm: "warm on the return"
       },
       minutes: 2
t.call :programmer,
       "Programmer, hot water",
       { on: "on and calling", off: "off, or its hours are over" },
       minutes: 1
t.call :cut_out,
       "Cut-out of the coil",
       { set: "set", popped: "had popped" },
       minutes: 2,
       depth: :opened
t.call :stat_call,
       "Thermostat turned up: call at the {two_port}",
       { calls: "has voltage", silent: "has none" },
       minutes: 5,
       depth: :opened,
       instrument: ["Two-pole tester"],
       caution: [:two_feeds]
t.call :valve_opens, "The {two_port}", { opens: "opens", shut: "stays shut" }, minutes: 2
t.call :end_switch,
       "Valve open: its end switch",
       { fires: "fires the boiler", silent: "does not" },
       minutes: 3,
       depth: :opened
t.call :boiler, "The boiler by itself", { runs: "runs", locked_out: "has locked out" }, minutes: 1
t.call :coil_flow,
       "Flow pipe of the coil, some minutes after the start",
       { hot: "hot", warm: "hardly warm" },
       minutes: 4,
       depth: :reading
t.call :coil_return,
       "Return pipe of the coil",
       { cooler: "clearly cooler than the flow", as_hot: "nearly as hot", cold: "cold" },
       minutes: 2,
       depth: :reading,
       seen:
         lambda { |visit|
           flow, back, tank =
             %i[coil_flow_temperature coil_return_temperature coil_tank_temperature].map do |name|
               visit.quantity(name)&.si
             end
           if flow && back && tank
             flow - back < (flow - tank) * 0.2 ? :as_hot : :cooler
           end
         }
t.call :pipes_swapped,
       "Flow and return, followed to the boiler",
       { right: "the right way round", swapped: "swapped" },
       minutes: 5
t.call :immersion_resets,
       "Immersion's cut-out",
       { set: "set", popped: "had popped" },
       minutes: 3,
       depth: :opened,
       needs: [{ "feed.immersion": :proved_dead }]
t.call :shut_off,
       "Cold shut-off of the {heater}",
       { open: "fully open", half: "half shut" },
       minutes: 1
t.call :strainer,
       "Strainer of the inlet group",
       { clean: "clean", blocked: "blocked" },
       minutes: 12,
       depth: :opened,
       needs: [{ heater_pressure: :zero }]
t.call :reducer_flow,
       "Pressure after the reducing valve, a {tap} running",
       { holds: "gives way little", falls: "collapses" },
       minutes: 4,
       depth: :reading
t.call :upstream_flow,
       "Pressure before it, the same {tap} running",
       { holds: "holds", falls: "collapses too" },
       minutes: 4,
       depth: :reading
t.call :nipples,
       "Heat-trap nipples and the dip tube's end",
       { clear: "clear", blocked: "choked with debris" },
       minutes: 20,
       depth: :drained,
       needs: [{ heater_pressure: :zero }]
t.call :other_taps,
       "At the other hot {taps} it is",
       { same: "the same", fine: "fine: only this one" },
       minutes: 2
t.call :check_valve,
       "The check valve's flap, by ear and hand while drawing",
       { free: "free", stuck: "sticks" },
       minutes: 4,
       depth: :reading
t.call :noise_kind,
       "The noise is",
       {
         rumble: "a rumble or popping while it heats",
         hiss: "a hiss at an {element}",
         bang: "a bang when a {tap} shuts",
         knock: "a knock or tick while pipes warm up"
       },
       minutes: 2,
       no_normal: true
t.call :smell_where,
       "The smell is in",
       { hot_only: "the hot only", both: "hot and cold" },
       minutes: 1,
       no_normal: true
t.call :rust_where,
       "The brown is in",
       { hot_only: "the hot only", both: "hot and cold" },
       minutes: 1,
       no_normal: true
t.call :rust_after,
       "After a flush and a new anode the hot is",
       { clear: "clear", brown: "still brown" },
       minutes: 40,
       depth: :drained
t.call :leak_where,
       "Wiped dry, it comes back first",
       {
         drain: "at the drain valve",
         gasket: "at an {element}'s gasket",
         discharge: "from the discharge pipe",
         everywhere: "as beads all over the cold jacket or flue",
         under_jacket: "from under the jacket, rusty",
         joint: "at a joint above",
         tray: "at the condensate tray or its pipe"
       },
       minutes: 10,
       no_normal: true
t.call :stops_hot, "Once the tank is hot it", { goes_on: "goes on", stops: "stops" }, minutes: 15
t.call :dip_tube,
       "Dip tube, drawn at the cold nipple",
       { whole: "whole and long", broken: "broken or short" },
       minutes: 15,
       depth: :drained,
       needs: [{ heater_pressure: :zero }]
t.call :hot_cold,
       "Hot and cold at the tank's nipples",
       { right: "the right way round", swapped: "swapped" },
       minutes: 2
