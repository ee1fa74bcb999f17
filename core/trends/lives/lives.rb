# frozen_string_literal: true

# What a firm may want to know of its own record; common practice has the intervals beside.
life = Munimen::Trends::Life.method(:define)

life.call :relief_valve do
  title "{Relief_valve}s at their lever test"
  since "since they were last lifted, or fitted"
  tested_by :relief_valve, :relief_drip
  begun_by :replace_relief_valve
  each_test_begins_anew
  question :relief_interval
end

life.call :anode do
  title "Anodes, until a quarter or less is left"
  since "since they were fitted"
  tested_by :anode_left
  begun_by :replace_anode
  question :anode
end

life.call :vessel do
  title "Charge of expansion vessels"
  since "since it was last read or set"
  tested_by :vessel_charge, :charge_set, :air_valve # what was set stands under what sets it
  begun_by :fit_vessel, :replace_vessel, :set_vessel_charge
  each_test_begins_anew
  question :charge_method
end

life.call :element do
  title "Heating elements"
  since "since they were fitted"
  tested_by :element, :element_lower
  begun_by :replace_elements
end
