# frozen_string_literal: true

# The pressure at the end of a heating that nobody stood by for.
Munimen::Calendar::Rule.define :long_heat do
  comes_from "the pressure after a long heating was put off to a return visit"
  ended_by "reading it"
  source Munimen::Source.from_memory("a week, unless something else is agreed")
  job :pressure_check
  owed do |visit, _|
    if visit.decision(:long_heat) == "return" && !visit.done?(:read_hot_peak_after)
      in_days(7, "Read the pressure while the {heater} is heated from cold.")
    end
  end
end
