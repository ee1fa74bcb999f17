# frozen_string_literal: true

# Pilot, generator, control and burner.
t = Munimen::Faults::Test.method(:line)
lit = { heat: %i[pilot on] }

t.call :pilot_flame,
       "The pilot flame, button held",
       {
         blue_on_tip: "blue, on the generator's tip",
         off_the_tip: "small, or beside the tip",
         lazy_yellow: "lazy, yellow",
         lifting: "lifts"
       },
       seen: ->(visit) { visit.choice(:pilot_flame) },
       caution: [:gas_smell]
t.call :release,
       "Let go after 60 s: the pilot",
       { holds: "holds", dies_at_once: "dies at once", dies_soon: "dies within a minute or so" },
       minutes: 3,
       caution: [:gas_smell]
t.call :generator,
       "Generator in the lit pilot, open circuit",
       { good: "good (20–30 mV; thermopile 350–700 mV)", weak: "weak" },
       minutes: 5,
       depth: :reading,
       needs: [lit],
       instrument: ["Millivolt meter"],
       operation: [:test_pilot],
       seen:
         lambda { |visit|
           read = visit.quantity(:generator_open) or next
           if read.si < (visit.heater.ignition == :pilot_thermopile ? 0.35 : 0.02)
             :weak
           else
             :good
           end
         }
t.call :generator_cleaned,
       "Tip cleaned, nut tightened: the generator is then",
       { good: "good", weak: "weak still" },
       minutes: 6,
       depth: :opened
t.call :eco,
       "Cut-off in the control, centre contact to body",
       { continuous: "continuity", open: "open" },
       # an electronic control on a thermopile has no such contact
       on: ->(heater) { heater.ignition != :pilot_thermopile },
       minutes: 5,
       depth: :opened,
       instrument: ["Continuity tester, tip sleeved"],
       seen: ->(visit) { { yes: :continuous, no: :open }[visit.choice(:eco_continuity)] }
t.call :link,
       "Fusible link or vapor switch in the generator's lead",
       { continuous: "continuity", open: "open" },
       minutes: 4,
       depth: :opened,
       instrument: ["Continuity tester"]
t.call :door_open,
       "Held with the burner door or screen clear, the pilot",
       { same: "does the same", holds: "holds" },
       minutes: 3,
       caution: [:gas_smell]
t.call :drip_leg,
       "Drip leg, opened with the cock shut",
       { dry: "dry", full: "full" },
       minutes: 8,
       depth: :opened,
       needs: [{ cock: :shut }],
       caution: [:gas_smell]
t.call :windy,
       "Does it go out on windy days, are the trim rings rippled?",
       { no: "no", yes: "yes" },
       minutes: 1
t.call :turn_up,
       "Thermostat turned up",
       { lights: "the burner lights", click: "a click, no flame", nothing: "nothing at all" },
       minutes: 2,
       needs: [{ level: :full }]
t.call :loaded,
       "Generator loaded, holding the control",
       { enough: "enough for the control", low: "too little" },
       minutes: 3,
       depth: :reading,
       needs: [lit],
       instrument: ["Millivolt meter"]
t.call :status_light,
       "The control's status light",
       { blinking: "blinks as usual", dark: "is dark" },
       minutes: 1,
       implies: ->(heater) { heater.with(ignition: :pilot_thermopile) },
       on: ->(heater) { heater.ignition == :pilot_thermopile }
t.call :control_kind,
       "The gas control",
       { plain: "has no light and no board", electronic: "is electronic, with a status light" },
       minutes: 1,
       on: :gas?.to_proc,
       shapes:
         lambda { |heater, outcome|
           kind = outcome == :electronic ? :pilot_thermopile : :pilot_thermocouple
           heater.with(ignition: kind)
         }
t.call :manifold,
       "Manifold with the thermostat calling",
       { plate: "as on the plate", zero: "zero", low: "low" },
       minutes: 6,
       depth: :opened,
       instrument: ["Manometer"],
       seen:
         lambda { |visit|
           read = visit.quantity(:gas_manifold) or next
           next :zero if read.si < 50

           plate = visit.heater.usual_manifold or next
           read.si < plate * 0.85 ? :low : :plate
         }
t.call :inlet_burning,
       "Inlet pressure with everything burning",
       { holds: "gives way little", falls: "falls below the appliance's least" },
       minutes: 6,
       depth: :opened,
       instrument: ["Manometer"],
       seen:
         lambda { |visit|
           rest = visit.quantity(:gas_standing) || visit.quantity(:gas_line)
           burning = visit.quantity(:gas_operating)
           if rest && burning
             rest.si - burning.si > 125 ? :falls : :holds
           end
         }
t.call :gas_clocked,
       "Gas meter clocked",
       { plate: "as on the plate", low: "10 % and more under" },
       minutes: 5
