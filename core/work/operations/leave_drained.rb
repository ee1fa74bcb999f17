# frozen_string_literal: true

Munimen::Work::Operation.define :leave_drained do
  part :site
  place :front
  trade :plumber
  title "Leave it off, its water shut, made safe and tagged"
  how "Every source off and isolated, the supply shut, the pressure gone, nothing live " \
      "exposed, no test point open. The tag says what is wrong and that it must not be " \
      "used."
  because "An open or leaking tank stays without water and without heat."
  needs heat: :off,
        cock: :shut,
        lock: :on,
        coil_loop: %i[isolated drained air],
        covers: :on,
        leads: :landed,
        heater_supply: :shut,
        heater_pressure: :zero,
        test_points: :shut,
        manometer: :off,
        hose: :off,
        gauge: :off
  last
  way_to_leave :made_safe
  only_when_asked
  makes on_site: :no, left: :made_safe
  materials "Tag"
  hands_on 120
end
