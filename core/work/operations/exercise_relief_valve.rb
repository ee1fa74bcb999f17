# frozen_string_literal: true

Munimen::Work::Operation.define :exercise_relief_valve do
  part :relief_valve
  protects "{relief_valve}", told_by: %i[relief_valve new_relief_valve]
  place :side
  wants :relief_history, :relief_fitted, because: "A valve that nobody has lifted may not close."
  title "Exercise the {relief_valve}"
  instrument "Bucket, gloves, goggles"
  how "Stand aside. Lift the lever fully, hold it as the house rule says, let it snap shut."
  because "A valve that has never moved may not move when it must."
  calculator :stored_energy
  caution :scald, :stand_aside
  needs looked: :yes,
        level: :full,
        heat: :on,
        heater_supply: :open,
        heater_pressure: :live,
        temperature: :hot,
        discharge: :seen_safe,
        discharge_pipe: :on,
        consent: :given,
        drip_watch: :finished,
        relief: :shut
  found_first :read_static_pressure, :read_tap_temperature, :read_hot_peak_found
  makes max_hand: :spoiled, as_found: :no, drip_watch: :running
  makes_from_readings do |visit|
    visit.choice(:relief_lever) == :will_not_lift ? { drip_watch: :finished } : {}
  end
  read :relief_lever, :choice, "The lever", choices: %i[lifts will_not_lift]
  read :relief_flow,
       :choice,
       "The flow",
       choices: %i[full_bore weak none],
       only_if: {
         relief_lever: :lifts
       }, shown_at: :relief_valve
  read :relief_closes,
       :choice,
       "When let go",
       choices: %i[shuts runs_on],
       only_if: {
         relief_lever: :lifts
       }
  read :tundish_flow,
       :choice,
       "At full flow, the tundish",
       choices: %i[runs_clear backs_up spills],
       only_if: {
         relief_lever: :lifts
       },
       on: ->(heater) { heater.tundish != :no }
  needs_when :with_flush, heat: %i[pilot off], temperature: %i[hot cold]
  reschedule_by do |rules|
    { with_flush: :with_work, after_refill: :after_work }[rules.choice(:relief_when)]
  end
  water_wasted { |_| 0.002 }
  guide(:lever) { |visit| Munimen::Work::ReliefPolicy.held(visit) }
  house_rules :relief_exercise, :relief_interval, :lever_hold, :relief_when
  forbidden { |visit| Munimen::Work::ReliefPolicy.refusal(visit) }
  only_when_asked
  hands_on 60
  spared_by :replace_relief_valve
end
