# frozen_string_literal: true

Munimen::Work::Operation.define :leave_site do
  part :site
  every_visit
  place :front
  title "Look once more, and leave it safe"
  how "Walk round once more: the second look finds what the first one missed. Everything on the " \
      "line below must hold."
  because "Nothing may be left open, off, loose or as you changed it."
  photographs "The service tag"
  needs looked: :yes,
        level: :full,
        heater_pressure: :live,
        house_pressure: :live,
        house_supply: :open,
        heater_supply: :open,
        air_path: :shut,
        opening: :fitted,
        discharge_pipe: :on,
        relief: :shut,
        hose: :off,
        drain: :shut,
        covers: :on,
        leads: :landed,
        dial: %i[as_found restored],
        programmer: %i[as_found restored],
        recirculation: :as_found,
        cock: :open,
        cut_out: :reset,
        two_port: :auto,
        coil_loop: :live,
        water_joints: :proven,
        gas_joints: :proven,
        lit_joints: :proven,
        controls: :proven,
        test_points: :shut,
        manometer: :off,
        drip_watch: :finished,
        gauge: :off,
        heat: :on,
        feed: :live,
        lock: :off,
        vessel: :fitted,
        strainer: :in,
        inlet_group: :in,
        air_in_pipes: :no,
        union: :made,
        burner_door: :sealed
  last
  way_to_leave :in_service
  makes on_site: :no, left: :in_service
  hands_on 120
end
