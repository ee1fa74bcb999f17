# frozen_string_literal: true

Munimen::Work::Operation.define :leave_made_safe do
  part :site
  place :front
  trade :plumber
  title "Leave it off, made safe and tagged"
  how "Every source off and isolated, nothing live exposed, no test point open, hose off, " \
      "drain shut. The tag says what is wrong and that it must not be used."
  because "Whoever comes next must find it as you left it, and must not switch it on."
  needs heat: :off,
        cock: :shut,
        lock: :on,
        coil_loop: %i[isolated drained air],
        opening: :fitted,
        covers: :on,
        leads: :landed,
        test_points: :shut,
        manometer: :off,
        hose: :off,
        drain: :shut,
        air_path: :shut,
        heater_pressure: %i[live zero],
        relief: :shut,
        discharge_pipe: :on,
        union: :made,
        gauge: :off
  last
  way_to_leave :made_safe
  only_when_asked
  makes on_site: :no, left: :made_safe
  materials "Tag"
  hands_on 120
end
