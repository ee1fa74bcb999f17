# frozen_string_literal: true

# Of the firm's instruments, whatever is visited: the desk lists them by their dates.
Munimen::Calendar::Rule.define :calibration do
  ours
  comes_from "the date an instrument was calibrated"
  ended_by "a new date of calibration"
  source Munimen::Source.common_practice("once a year")
  owed { |_, _| nil }
end
