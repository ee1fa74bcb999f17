# frozen_string_literal: true

# Limits of the US International Residential Code profile, and of common practice beside it.
Munimen::Rules::Book.define :us_irc do
  title "US, International Residential Code"
  edition "IRC, clauses from memory; the edition adopted locally governs"
  units :us
  split_phase true
  # What other countries ask of an unvented cylinder is no clause of a book here.
  cites "Approved Document G" => nil
  restricts gas: "Gas work is for people licensed for it by state and city.",
            electrical: "Wiring is for people licensed for it by state and city."

  paper :permit,
        title: "Permit",
        hint: "A new water heater wants one nearly everywhere, a repair often none: ask the " \
              "authority.",
        days: 14,
        source: published("IRC", "R105.1")
  paper :certificate,
        title: "Inspection by the authority",
        hint: "Where there was a permit, the authority looks at the work.",
        days: 60,
        source: published("IRC", "R109.1")

  limit :static_pressure,
        at_most: psi(80),
        grade: :defect,
        due_in: 30,
        who: :plumber,
        source: published("IRC", "P2903.3.1"),
        remedy: "Fit or adjust a {regulator} on the supply.",
        explain: "Fixtures and hoses are made for 80 psi; above it they fail sooner."
  limit :static_pressure_low,
        at_least: psi(40),
        grade: :watch,
        due_in: 365,
        who: :plumber,
        source: common_practice("40–80 psi is acceptable"),
        remedy: "Measure again at another hour; ask the water supplier if it stays low.",
        explain: "The water pressure is lower than usual. No harm to the heater."
  limit :charge_tolerance,
        at_most: psi(2),
        grade: :defect,
        due_in: 0,
        who: :plumber,
        source: common_practice("within 2 psi of the supply pressure"),
        remedy:
          "Set the charge to the supply pressure with the water side at zero; check it again in " \
          "a week.",
        explain:
          "The small tank that cushions the pressure holds the wrong amount of air, so pressure " \
          "rises too far when water heats."
  limit :hot_peak,
        at_most: psi(80),
        grade: :defect,
        due_in: 30,
        who: :plumber,
        source: common_practice("80 psi is the bound at rest; codes ask for expansion control"),
        remedy: "Restore or fit expansion control, then measure the peak again.",
        explain: "Pressure rises too far when the water heats, because expansion is not taken up."
  limit :hot_peak_at_relief,
        at_most: psi(140),
        grade: :danger,
        due_in: 0,
        who: :plumber,
        source:
          common_practice("a peak at the relief setting every cycle: expansion control has failed"),
        remedy: "Restore expansion control before the {heater} goes back into service.",
        explain:
          "When the water heats, pressure climbs until the safety valve opens. That valve is " \
          "the last protection and must not work daily."
  limit :relief_margin,
        at_least: psi(10),
        grade: :danger,
        due_in: 0,
        who: :plumber,
        source: common_practice("within 10 psi of this relief valve's own setting; our margin"),
        remedy: "Restore expansion control before the {heater} goes back into service.",
        explain:
          "When the water heats, pressure climbs until the safety valve opens. That valve is " \
          "the last protection and must not work daily."
  limit :tap_temperature,
        at_most: fahrenheit(120),
        grade: :watch,
        due_in: 0,
        who: :plumber,
        source: common_practice("120 °F at a tap is a caution; codes bound bath and shower"),
        remedy:
          "Tell the household today; turn the setting down or fit a mixing valve, above all " \
          "with a child, an old or an ill person.",
        explain: "Water this hot burns skin quickly, children and older people soonest."
  limit :bath_temperature,
        at_most: fahrenheit(120),
        grade: :defect,
        due_in: 30,
        who: :plumber,
        source: published("IRC", "P2713.3, P2708.4"),
        remedy: "Set or fit a mixing valve that limits bath and shower to 120 °F.",
        explain: "The water at the bath is hot enough to scald."
  # from 140 °F on: just below it
  limit :tap_temperature_scald, at_most: fahrenheit(139.9),
                                grade: :defect, due_in: 0, who: :plumber,
                                source: from_memory("Moritz & Henriques 1947, 140 °F burns in " \
                                                    "6 s"),
                                remedy: "Turn the setting down today, or prove a mixing valve; " \
                                        "find out why it is so hot.",
                                explain: "Water this hot burns skin within seconds."
  limit :tap_temperature_runaway,
        at_most: fahrenheit(160),
        grade: :danger,
        due_in: 0,
        who: :plumber,
        source: common_practice("dials end at 150–160 °F: hotter is over-temperature"),
        remedy: "Switch the heat off and find out why the thermostat does not stop it.",
        explain:
          "The water is hotter than any setting. A control has failed; the heater must not run " \
          "until it is found."
  limit :tap_temperature_low,
        at_least: fahrenheit(120),
        grade: :watch,
        due_in: 365,
        who: :plumber,
        source: common_practice("growth, 25–45 °C and somewhat above; ASHRAE Guideline 12"),
        remedy:
          "Decide the set point together with the household; storing hot and mixing down " \
          "settles both.",
        explain: "Stored below about 120 °F, water may let legionella bacteria grow."
  limit :relief_temperature,
        at_most: fahrenheit(210),
        grade: :danger,
        due_in: 0,
        who: :plumber,
        source: published("IRC", "P2804.4"),
        remedy: "Heat off until a valve that opens at 210 °F or below is fitted.",
        explain: "The safety valve would open only when the water is about to boil."
  limit :relief_drip,
        at_most: seconds(10),
        grade: :defect,
        due_in: 0,
        who: :plumber,
        source: common_practice("dry within 10 s of closing"),
        remedy:
          "Work the lever 3–4 times to wash the seat; if it still drips, replace the valve. " \
          "Never cap it.",
        explain: "The safety valve does not close tight."
  limit :outlet_height,
        at_most: inches(6),
        grade: :defect,
        due_in: 60,
        who: :plumber,
        source: published("IRC", "P2804.6.1 item 10"),
        remedy:
          "Bring the end to within 6 in of the floor or ground, and two pipe diameters clear of " \
          "it.",
        explain: "The end of the safety pipe is so high that scalding water splashes."
  limit :outlet_clear, at_least: inches(1.5), diameters: 2, grade: :defect,
                       due_in: 60, who: :plumber,
                       source: published("IRC", "P2804.6.1 item 10"),
                       remedy: "Shorten it: two pipe diameters clear of floor or ground.",
                       explain: "The end of the safety pipe is so low that it can be blocked."
  limit :pan_pipe_height,
        at_least: inches(6),
        at_most: inches(24),
        grade: :defect,
        due_in: 180,
        who: :plumber,
        source: published("IRC", "P2801.6"),
        remedy: "End the pan's pipe 6 to 24 in above ground.",
        explain: "The pipe that empties the tray under the heater ends at the wrong height."
  limit :gas_lock_up,
        at_most: inches_water(14),
        grade: :danger,
        due_in: 0,
        who: :gas,
        source: common_practice("above 14 in. w.c. the control is in danger"),
        remedy: "Cock shut until the supplier has brought the pressure down.",
        explain: "The gas comes with more pressure than the control is made for."
  limit :co_air_free,
        at_most: Munimen::Measure::Quantity.of(400, "ppm", :carbon_monoxide),
        grade: :danger,
        due_in: 0,
        who: :gas,
        source: published("ANSI Z21.10.1", "400 ppm CO, air-free"),
        remedy: "Burner off; clean burner, intake and flueway, set the pressures, measure again.",
        explain: "The burner does not burn clean. It makes carbon monoxide, which kills."
  limit :relief_pressure_most,
        at_most: psi(150),
        grade: :defect,
        due_in: 14,
        who: :plumber,
        source: published("IRC", "P2804.3"),
        remedy: "Fit a valve set to 150 psi or less, and no higher than the tank's rating.",
        explain: "The safety valve opens at a higher pressure than the code allows."
  limit :relief_over_supply,
        at_least: psi(25),
        grade: :defect,
        due_in: 30,
        who: :plumber,
        source: published("IRC", "P2804.3"),
        remedy: "Lower the supply by its {regulator}, or fit a valve set higher, never above the " \
                "tank's rating.",
        explain: "The safety valve is set so close to the water pressure that it will drip."
end
