# frozen_string_literal: true

Munimen::Work::Operation.define :read_hot_peak_after do
  part :house_main
  protects :none
  place :entry
  title "Read the hot peak, as left"
  instrument "Pressure gauge with maximum hand"
  how "When the heat has gone off by itself, read the maximum hand."
  because "It proves that expansion is taken up – or that it is not."
  calculator :vessel_performance
  calculator :climb
  needs gauge: :fitted, max_hand: :reset, cycle: :final
  read :hot_peak_after, :pressure, "Maximum hand after heating", shown_at: :hot_outlet
  recommissions
  uses_heat
  hands_on 30
  repeatable
end
