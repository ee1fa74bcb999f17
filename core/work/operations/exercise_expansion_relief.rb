# frozen_string_literal: true

Munimen::Work::Operation.define :exercise_expansion_relief do
  part :expansion_relief
  protects "{expansion_relief}", told_by: %i[expansion_relief]
  place :top
  title "Exercise the {expansion_relief}"
  instrument "Torch, gloves"
  how "Turn or lift it fully, watch {relief_outlet}, let it shut."
  because "It acts before the {relief_valve}, and must move as freely."
  caution :scald, :stand_aside
  applies_to { |heater| heater.unvented? || heater.expansion_relief != :no }
  needs looked: :yes,
        level: :full,
        heater_supply: :open,
        heater_pressure: :live,
        discharge: :seen_safe,
        discharge_pipe: :on,
        consent: :given,
        drip_watch: :finished
  found_first :read_static_pressure, :read_tap_temperature, :read_hot_peak_found
  makes max_hand: :spoiled, as_found: :no, drip_watch: :expansion
  makes_from_readings do |visit|
    visit.choice(:expansion_relief_lever) == :will_not_lift ? { drip_watch: :finished } : {}
  end
  read :expansion_relief_lever, :choice, "The lever", choices: %i[lifts will_not_lift]
  read :expansion_relief_flow,
       :choice,
       "The flow",
       choices: %i[full_bore weak none],
       only_if: {
         expansion_relief_lever: :lifts
       }
  read :expansion_relief_closes,
       :choice,
       "When let go",
       choices: %i[shuts runs_on],
       only_if: {
         expansion_relief_lever: :lifts
       }
  guide(:lever) { |visit| Munimen::Work::ReliefPolicy.held(visit) }
  house_rules :relief_exercise, :lever_hold
  forbidden { |visit| Munimen::Work::ReliefPolicy.refusal_of_expansion(visit) }
  only_when_asked
  before_heat
  hands_on 45
  repeatable
end
