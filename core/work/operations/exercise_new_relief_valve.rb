# frozen_string_literal: true

Munimen::Work::Operation.define :exercise_new_relief_valve do
  part :relief_valve
  protects "new {relief_valve}", told_by: %i[new_relief_valve]
  place :side
  title "Exercise the new {relief_valve}"
  how "Stand aside, lift fully, let it snap shut."
  because "A new valve is proved before you leave it."
  caution :scald, :stand_aside
  needs level: :full,
        heater_supply: :open,
        heater_pressure: :live,
        discharge_pipe: :on,
        discharge: :seen_safe,
        water_joints: :proven,
        relief: :shut,
        consent: :given,
        drip_watch: :finished
  after :replace_relief_valve
  makes max_hand: :spoiled, drip_watch: :running
  read :new_relief_flow, :choice, "The flow", choices: %i[full_bore weak none]
  read :new_relief_closes,
       :choice,
       "When let go",
       choices: %i[shuts runs_on],
       only_if: {
         new_relief_flow: :full_bore
       }
  forbidden { |visit| "The customer refused." if visit.decision(:consent) == "refused" }
  only_when_asked
  before_heat
  recommissions
  hands_on 45
  repeatable
end
