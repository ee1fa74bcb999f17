# frozen_string_literal: true

# England: Building Regulations, Approved Document G (G3), the British Standards of the valves, and
# common practice beside them.
Munimen::Rules::Book.define :england_g3 do
  title "England, Approved Document G (G3)"
  edition "Approved Document G, 2015 edition with later amendments; clauses from memory"
  units :england
  restricts unvented: "Work on an unvented cylinder is for people qualified for it.",
            gas: "Gas work is for registered gas engineers.",
            electrical: "Fixed wiring is for competent electricians."

  paper :notification,
        title: "Notice to building control",
        hint: "Work on an unvented cylinder and its controls is notified, or certified by a " \
              "registered scheme; replacing like for like may need none.",
        days: 30,
        source: published("Building Regulations 2010", "regulations 12 and 20")
  paper :certificate,
        title: "Completion certificate",
        hint: "From the scheme or building control; the household keeps it.",
        days: 60,
        source: published("Building Regulations 2010", "regulations 17 and 20")

  limit :static_pressure,
        at_most: bar(4),
        grade: :defect,
        due_in: 30,
        who: :unvented,
        source: common_practice("reducing valves are set to 3 or 3.5 bar"),
        remedy:
          "Clean or replace the {regulator} of the inlet group; never adjust a factory-set one.",
        explain:
          "The pressure behind the reducing valve is higher than a cylinder wants; its safety " \
          "valves will drip."
  limit :static_pressure_low,
        at_least: bar(1.5),
        grade: :watch,
        due_in: 365,
        who: :unvented,
        source: from_memory("1.5 bar is the least that most unvented cylinders want"),
        remedy: "Measure again at another hour; look at the strainer and the isolating valve.",
        explain: "The water pressure is low: hot water will run weakly."
  limit :inlet_setting,
        at_most: bar(0.5),
        grade: :defect,
        due_in: 30,
        who: :unvented,
        source:
          common_practice(
            "the reading after the group stays at its setting, with the mains higher"
          ),
        remedy: "Clean or replace the {regulator} of the inlet group.",
        explain: "The valve that lowers the mains pressure does not hold its setting."
  limit :flow_rate, at_least: litres_a_minute(15), grade: :watch, due_in: 365, who: :unvented,
                    source: from_memory("15 L/min is usual for one bathroom"),
                    remedy: "Rinse the strainer; look at the isolating valve and the mains.",
                    explain: "Less water comes through than usual."
  limit :charge_tolerance,
        at_most: bar(0.15),
        grade: :defect,
        due_in: 0,
        who: :unvented,
        source: common_practice("within 0.15 bar of the reducing valve's setting"),
        remedy:
          "Set the charge to the reducing valve's setting with the water side at zero; check it " \
          "again in a week.",
        explain:
          "The small vessel that cushions the pressure holds the wrong amount of air, so " \
          "pressure rises too far when water heats."
  limit :hot_peak,
        at_most: bar(5),
        grade: :watch,
        due_in: 60,
        who: :unvented,
        source: from_memory("well below the expansion relief valve's 6 bar"),
        remedy: "Check the vessel's charge or renew the bubble, then measure the peak again.",
        explain: "Pressure rises far when the water heats; the expansion is not fully taken up."
  limit :hot_peak_at_relief,
        at_most: bar(6),
        grade: :defect,
        due_in: 7,
        who: :unvented,
        source:
          common_practice(
            "a peak at the expansion relief's setting every cycle: the vessel or bubble has failed"
          ),
        remedy: "Restore the vessel's charge or the bubble; never cap the valve.",
        explain:
          "When the water heats, pressure climbs until a safety valve opens and water drips away."
  limit :relief_margin,
        at_least: bar(0.5),
        grade: :defect,
        due_in: 7,
        who: :unvented,
        source: common_practice("within 0.5 bar of this heater's first relief setting; our margin"),
        remedy: "Restore the vessel's charge or the bubble; never cap the valve.",
        explain:
          "When the water heats, pressure climbs until a safety valve opens and water drips away."
  limit :tap_temperature,
        at_most: celsius(65),
        grade: :watch,
        due_in: 30,
        who: :unvented,
        source: common_practice("cylinder thermostat 60–65 °C"),
        remedy: "Turn the cylinder thermostat down to 60–65 °C; limit the bath by a mixing " \
                "valve.",
        explain: "The stored water is hotter than it need be; it scalds quickly."
  limit :bath_temperature,
        at_most: celsius(48),
        grade: :defect,
        due_in: 30,
        who: :plumber,
        source: published("Approved Document G", "G3(4)"),
        remedy: "Set or fit a thermostatic mixing valve that limits the bath to 48 °C.",
        explain: "The water at the bath is hot enough to scald."
  limit :tap_temperature_scald,
        at_most: celsius(70),
        grade: :defect,
        due_in: 0,
        who: :unvented,
        source: common_practice("above every thermostat setting, below the cut-out"),
        remedy: "Turn the thermostat down now; prove that it stops the heat.",
        explain: "Water this hot burns skin at once."
  limit :tap_temperature_runaway,
        at_most: celsius(80),
        grade: :danger,
        due_in: 0,
        who: :unvented,
        source: common_practice("energy cut-out 80–85 °C: the second tier has been reached"),
        remedy: "Isolate every heat source; find out why the thermostat does not stop it.",
        explain:
          "The water is as hot as the second safety device allows. A control has failed; the " \
          "cylinder must not be heated until it is found."
  limit :tap_temperature_low,
        at_least: celsius(50),
        grade: :watch,
        due_in: 30,
        who: :unvented,
        source:
          published("HSE HSG274 part 2", "store at 60 °C, 50 °C at the outlet within a minute"),
        remedy: "Store at 60 °C; limit the bath by a mixing valve.",
        explain: "Stored below about 50 °C, water may let legionella bacteria grow."
  limit :relief_drip,
        at_most: seconds(10),
        grade: :defect,
        due_in: 0,
        who: :unvented,
        source: common_practice("dry within 10 s of closing"),
        remedy:
          "Work the lever 3–4 times to wash the seat; if it still drips, replace the valve. " \
          "Never cap it.",
        explain: "The safety valve does not close tight."
  limit :outlet_height,
        at_most: millimetres(100),
        grade: :defect,
        due_in: 60,
        who: :unvented,
        source: published("Approved Document G", "G3, low-level discharge"),
        remedy: "End it no more than 100 mm above ground or grating, behind a guard.",
        explain: "The end of the safety pipe is so high that scalding water splashes."
  limit :d1_length, at_most: millimetres(600), grade: :defect, due_in: 60, who: :unvented,
                    source: published("Approved Document G", "G3, D1"),
                    remedy: "Move the tundish closer: D1 is at most 600 mm.",
                    explain: "The tundish is too far from the safety valve."
  limit :d2_drop, at_least: millimetres(300), grade: :defect, due_in: 60, who: :unvented,
                  source: published("Approved Document G", "G3, D2"),
                  remedy: "Run at least 300 mm straight down from the tundish before any bend.",
                  explain: "The tundish can spill: the pipe below it bends too soon."
  limit :set_point,
        at_least: celsius(60),
        at_most: celsius(65),
        grade: :watch,
        due_in: 30,
        who: :unvented,
        source: common_practice("cylinder thermostat 60–65 °C"),
        remedy: "Set the cylinder thermostat to 60–65 °C.",
        explain: "The thermostat is not set where it keeps bacteria down and scalding rare."
  limit :cut_out,
        at_least: celsius(80),
        at_most: celsius(85),
        grade: :defect,
        due_in: 30,
        who: :electrical,
        source: published("BS EN 60335-2-21, BS EN 60730-2-9", "energy cut-out"),
        remedy: "Fit a manual-reset energy cut-out of 80–85 °C.",
        explain: "The second safety device is not set between the thermostat and the safety valve."
  limit :relief_temperature,
        at_least: celsius(90),
        at_most: celsius(95),
        grade: :danger,
        due_in: 0,
        who: :unvented,
        source: published("BS EN 1490", "90–95 °C"),
        remedy: "Isolate every heat source until the right valve is fitted.",
        explain: "The last safety valve opens at the wrong temperature."
  limit :combustion_ratio,
        at_most: Munimen::Measure::Quantity.of(0.008, "1", :combustion_ratio),
        grade: :danger,
        due_in: 0,
        who: :gas,
        source: published("BS 7967", "CO to CO2 ratio of a boiler, the strictest class, where " \
                                     "the maker gives none", clause: :from_memory),
        remedy: "Burner off; clean burner, intake and flueway, set the pressures, measure again.",
        explain: "The burner does not burn clean. It makes carbon monoxide, which kills."
  limit :gas_lock_up,
        at_most: millibar(30),
        grade: :danger,
        due_in: 0,
        who: :gas,
        source: published("BS 6400-1", "lock-up"),
        remedy: "Cock shut until the supplier has brought the pressure down.",
        explain: "The gas comes with more pressure than the control is made for."
  limit :package_size,
        at_most: Munimen::Measure::Quantity.of(500, "L", :volume),
        grade: :watch,
        due_in: 365,
        who: :unvented,
        source: published("Approved Document G", "G3, 500 L and 45 kW"),
        remedy: "Ask the engineer who specified it: its safety devices are of a design of its own.",
        explain: "The cylinder is larger than the rules for packaged cylinders cover."
  limit :package_power,
        at_most: Munimen::Measure::Quantity.of(45, "kW", :power),
        grade: :watch,
        due_in: 365,
        who: :unvented,
        source: published("Approved Document G", "G3, 500 L and 45 kW"),
        remedy: "Ask the engineer who specified it: its safety devices are of a design of its own.",
        explain: "The cylinder is heated harder than the rules for packaged cylinders cover."
end
