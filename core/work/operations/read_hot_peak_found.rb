# frozen_string_literal: true

Munimen::Work::Operation.define :read_hot_peak_found do
  part :house_main
  protects "pressure while heating", told_by: %i[hot_peak_found hot_peak_after]
  place :entry
  title "Read the hot peak, as found"
  instrument "Pressure gauge with maximum hand"
  how "After the heat has gone off by itself, read the maximum hand."
  because "It shows what pressure the tank reached before you changed anything."
  calculator :closed_system
  calculator :climb
  photographs "The maximum hand of the gauge"
  needs gauge: :fitted, max_hand: :reset, cycle: :found, as_found: :yes
  read :hot_peak_found, :pressure, "Maximum hand after heating", shown_at: :hot_outlet
  uses_heat
  hands_on 30
end
