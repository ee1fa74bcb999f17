# frozen_string_literal: true

Munimen::Calculations::Calculation.define :settled_reading do
  title "Has a reading come to rest?"
  input :samples, :samples, note: "a line each: seconds and value"
  input :tolerance, :number, note: "each way from the middle, in the samples' own unit"
  input :hold, :time, default: "5 s"
  output :value, :number
  output :spread, :number
  output :settled_at, :time, note: "null if it has not settled"
  source Munimen::Source.common_practice("read once the needle rests")

  compute do |i|
    Munimen::Calculations::Limits.positive(i[:tolerance], :tolerance)
    settled =
      Munimen::Measure::Settled.of(i[:samples], tolerance: i[:tolerance].si, hold: i[:hold].si)
    { value: settled.value, spread: settled.spread, settled_at: settled.settled_at }
  end
end
